using System.Net;
using System.Security.Cryptography;
using System.Security.Cryptography.X509Certificates;
using Haar.Data;

namespace Haar.Web.Identity;

/// <summary>A certificate that Haar signs itself, kept in the data folder, so that a workshop without a domain still speaks HTTPS on its own network.</summary>
static class OwnCertificate
{
    public static X509Certificate2 For(DataFolder folder)
    {
        var path = Path.Combine(folder.Keys, "haar.pfx");
        if (File.Exists(path))
        {
            var kept = X509CertificateLoader.LoadPkcs12FromFile(path, null);
            if (kept.NotAfter > DateTime.Now.AddDays(7))
            {
                return kept;
            }
            kept.Dispose();
        }

        using var key = ECDsa.Create(ECCurve.NamedCurves.nistP256);
        var request = new CertificateRequest("CN=Haar workshop", key, HashAlgorithmName.SHA256);
        var names = new SubjectAlternativeNameBuilder();
        names.AddDnsName("localhost");
        names.AddDnsName(Dns.GetHostName());
        names.AddIpAddress(IPAddress.Loopback);
        request.CertificateExtensions.Add(names.Build());
        request.CertificateExtensions.Add(new X509EnhancedKeyUsageExtension([new Oid("1.3.6.1.5.5.7.3.1")], false));
        using var made = request.CreateSelfSigned(DateTimeOffset.Now.AddDays(-1), DateTimeOffset.Now.AddYears(2));
        DurableFile.Write(path, made.Export(X509ContentType.Pkcs12), secret: true);
        return X509CertificateLoader.LoadPkcs12FromFile(path, null);
    }
}
