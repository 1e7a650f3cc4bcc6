using Haar.Core.Intake;
using Haar.Core.Photos;
using Haar.Data;
using Haar.Data.Log;
using Haar.Data.Photos;
using Haar.Web.Http;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Photos;

static class PhotoEndpoints
{
    public static void MapPhotos(this IEndpointRouteBuilder api)
    {
        api.MapPost("/machines/{id:guid}/photos", AddAsync)
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(PhotoStore.MostBytes + 1_000_000))
            .WithMetadata(new NotTwice())
            .WithName("AddPhoto")
            .WithTags("Intake")
            .WithSummary(
                "Body: the photo itself. Turned upright, stripped of location, stored once in three sizes; sent again with the same photoId, it is still one."
            )
            // What it really is, its content says; a phone’s HEIC gets a sentence that says what to do.
            .Accepts<byte[]>("image/jpeg", "image/png", "image/webp", "application/octet-stream", "image/jpg", "image/heic", "image/heif")
            .Produces<Acted>();
        api.MapPut(
                "/machines/{id:guid}/photos/{photoId:guid}",
                async (Guid id, Guid photoId, PhotoCaption edit, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var photo = await db.Photos.FirstOrDefaultAsync(p => p.Id == photoId && p.MachineId == id, cancel).OrNotHere("photo");
                    photo.Caption = edit.Caption.Trim() is { Length: <= 200 } c
                        ? c
                        : throw new Core.Verdicts.InvalidInputException("caption", "At most 200 characters.");
                    return (await work.ActAsync(id, $"Photo named: {photo.Caption}", cancel)).Said(photoId);
                }
            )
            .WithName("NamePhoto")
            .WithTags("Intake");
        api.MapDelete(
                "/machines/{id:guid}/photos/{photoId:guid}",
                async (Guid id, Guid photoId, HaarDb db, UnitOfWork work, CancellationToken cancel) =>
                {
                    var photo = await db.Photos.FirstOrDefaultAsync(p => p.Id == photoId && p.MachineId == id, cancel).OrNotHere("photo");
                    if (await db.Boards.AnyAsync(b => b.PhotoId == photoId, cancel))
                    {
                        throw new Core.Verdicts.InvalidInputException(
                            "photo",
                            "This photo is a board's map: give the board another one first."
                        );
                    }
                    if (await db.Keyboards.AnyAsync(k => k.PhotoId == photoId || k.PictureId == photoId, cancel))
                    {
                        throw new Core.Verdicts.InvalidInputException("photo", "This photo is a keyboard's map: its caps go back by it.");
                    }
                    if (
                        (await db.WhiteningRuns.Where(r => r.MachineId == id).ToListAsync(cancel)).Any(r =>
                            r.Readings.Any(x => x.PhotoId == photoId)
                        )
                    )
                    {
                        throw new Core.Verdicts.InvalidInputException(
                            "photo",
                            "A colour was measured on this photo: it stays with its reading."
                        );
                    }
                    db.Remove(photo);
                    return (await work.ActAsync(id, "Photo taken away.", cancel)).Said(photoId);
                }
            )
            .WithName("RemovePhoto")
            .WithTags("Intake");
        api.MapGet(
                "/photos/{hash}",
                (string hash, HttpContext context, PhotoStore store, string size = "full") =>
                {
                    var path = store.Find(hash, size.As<PhotoSize>("size")) ?? throw new NotHereException("That photo's file is not here.");
                    context.Response.Headers.CacheControl = "private, max-age=31536000, immutable";
                    return Results.File(path, "image/jpeg");
                }
            )
            .WithName("GetPhoto")
            .WithTags("Intake")
            .Produces(200, contentType: "image/jpeg");
    }

    public sealed record PhotoCaption(string Caption);

    static async Task<Acted> AddAsync(
        Guid id,
        HttpRequest request,
        HaarDb db,
        UnitOfWork work,
        PhotoStore store,
        CancellationToken cancel,
        string caption = "",
        Guid? photoId = null
    )
    {
        await db.OnTheListAsync(id, cancel);
        if (photoId is { } given && await db.Photos.AsNoTracking().FirstOrDefaultAsync(p => p.Id == given, cancel) is { } there)
        {
            return there.MachineId == id
                ? new(Guid.Empty, "That photo is here already.", there.Id)
                : throw new Core.Verdicts.InvalidInputException("photoId", "Another machine has a photo of that id.");
        }

        if (request.ContentLength > PhotoStore.MostBytes)
        {
            throw new BadPhotoException($"A photo is at most {PhotoStore.MostBytes / 1_000_000} MB. Nothing was stored.");
        }
        using var body = new MemoryStream();
        var buffer = new byte[81920];
        int n;
        while ((n = await request.Body.ReadAsync(buffer, cancel)) > 0)
        {
            body.Write(buffer, 0, n);
            if (body.Length > PhotoStore.MostBytes)
            {
                throw new BadPhotoException($"A photo is at most {PhotoStore.MostBytes / 1_000_000} MB. Nothing was stored.");
            }
        }

        var stored = await store.AddAsync(body.ToArray(), cancel);
        // A phone that made an id of its own refers to the photo by it, so it gets a row of its own even for the same picture; the file is stored once.
        if (photoId is null && await db.Photos.FirstOrDefaultAsync(p => p.MachineId == id && p.Hash == stored.Hash, cancel) is { } same)
        {
            return new(Guid.Empty, "That photo is here already.", same.Id);
        }

        var photo = new Photo
        {
            Id = photoId ?? work.NewId(),
            MachineId = id,
            Hash = stored.Hash,
            Width = stored.Width,
            Height = stored.Height,
            Caption = caption.Length <= 200 ? caption.Trim() : caption[..200],
            At = work.Now,
        };
        db.Add(photo);
        return (await work.ActAsync(id, photo.Caption.Length > 0 ? $"Photo: {photo.Caption}" : "Photo taken.", cancel)).Said(photo.Id);
    }
}
