/** What a sentence asks for, as a short phrase that begins with its verb. */
export interface Asked {
  title: string;
  /** How plainly it asks: a frame or an imperative 3, a need 2. */
  strength: number;
  /** It says no more than that something is to be done. */
  generic: boolean;
  /** Its thing is one named before (“sign it”, “order another”). */
  refers: boolean;
  /** It tells what has to be done, and not by whom. */
  passive?: boolean;
  /** The thing that is wanted, where that is what it says. */
  wanted?: string;
  /** Where the words begin in the sentence that the title is made of. */
  start: number;
}
