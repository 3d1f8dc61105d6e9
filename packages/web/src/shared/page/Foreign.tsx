/** Letters that turn the direction of others round (Unicode, UAX #9); what they do is seen only where they are shown. */
const TURNING = /[\u202A-\u202E\u2066-\u2069]/g;

/** Words that came with mail: they turn nothing around them, and what would turn their own letters is shown. */
export function Foreign({ words }: { words: string }) {
  return (
    <bdi>
      {words.replace(
        TURNING,
        (letter) => `⟨U+${letter.charCodeAt(0).toString(16).toUpperCase().padStart(4, '0')}⟩`,
      )}
    </bdi>
  );
}
