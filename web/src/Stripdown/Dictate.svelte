<!-- @component Speech to text on this device alone; shown only where the browser can do it without sending the voice anywhere. -->
<script lang="ts">
  let { onsaid }: { onsaid: (text: string) => void } = $props();
  interface Recogniser {
    lang: string;
    processLocally: boolean;
    start(): void;
    stop(): void;
    onresult: (e: { results: ArrayLike<ArrayLike<{ transcript: string }>> }) => void;
    onend: () => void;
    onerror: (e: { error: string }) => void;
  }
  type Kind = { new (): Recogniser; available?: (o: { langs: string[]; processLocally: boolean }) => Promise<string> };
  const Speech = (window as unknown as { SpeechRecognition?: Kind }).SpeechRecognition;
  const lang = navigator.language || 'en-GB';
  let here = $state(false);
  let hearing = $state(false);
  let problem = $state('');
  let heard: Recogniser | undefined;
  void Speech?.available?.({ langs: [lang], processLocally: true })
    .then((a) => (here = a === 'available'))
    .catch(() => (here = false));

  function toggle() {
    if (hearing) return heard?.stop();
    if (!Speech) return;
    heard = new Speech();
    heard.lang = lang;
    heard.processLocally = true;
    heard.onresult = (e) =>
      onsaid(
        Array.from(e.results)
          .map((r) => r[0]!.transcript.trim())
          .join(' '),
      );
    heard.onend = () => (hearing = false);
    heard.onerror = (e) =>
      (problem = e.error === 'not-allowed' ? 'The microphone is not allowed here.' : 'Nothing was heard.');
    problem = '';
    hearing = true;
    heard.start();
  }
</script>

{#if here}
  <button type="button" class="btn justify-self-start" aria-pressed={hearing} onclick={toggle}
    >{hearing ? 'Listening; press to end' : 'Say it'}</button
  >
  {#if problem}<p class="text-sm text-oxide" role="alert">{problem}</p>{/if}
{:else}
  <p class="text-xs text-soft">
    To dictate, use the microphone on the phone’s own keyboard: this browser cannot do it without sending your voice
    away.
  </p>
{/if}
