import { randomUUID } from 'node:crypto';

/** A letter that the practice mailbox comes with; all in it is made up. */
interface Letter {
  hoursAgo: number;
  bytes: (own: string, at: Date) => Buffer;
}

const letter = (hoursAgo: number, from: string, subject: string, text: string): Letter => ({
  hoursAgo,
  bytes: (own, at) =>
    Buffer.from(
      [
        `From: ${from}`,
        `To: ${own}`,
        `Subject: ${subject}`,
        `Date: ${at.toUTCString().replace('GMT', '+0000')}`,
        `Message-ID: <${randomUUID()}@${/@([^>]+)/.exec(from)?.[1] ?? 'quay.example'}>`,
        'MIME-Version: 1.0',
        'Content-Type: text/plain; charset=utf-8',
        'Content-Transfer-Encoding: 8bit',
        '',
        ...text.trim().split('\n'),
        '',
      ].join('\r\n'),
    ),
});

export const LETTERS: readonly Letter[] = [
  letter(
    171,
    'Hanne Lindqvist <hanne.lindqvist@skerry.example>',
    'Loan of the tide dial',
    `
Dear Ines,

we would like to borrow the brass tide dial (inv. 1987.44) for our spring exhibition.
Could you let us know by Friday whether it can travel? A short condition report would help our board.

Kind regards
Hanne Lindqvist
Skerry Island Museum`,
  ),
  letter(
    150,
    'Oskar Prill <oskar@lowtide.example>',
    'Invoice 2207, transport crates',
    `
Good morning,

please find our invoice 2207 for three transport crates, 1,840.00 GBP in all.
It is payable within 14 days.

Oskar Prill
Lowtide Crating`,
  ),
  letter(
    124,
    'Building Desk <desk@saltmarsh.example>',
    'Gallery 3: humidity out of range',
    `
The logger in gallery 3 has shown 61 % relative humidity since Tuesday night.
Please have the seals of the north case checked by Thursday at noon.`,
  ),
  letter(
    101,
    'Runa Whitcombe <runa@saltmarsh.example>',
    'Label texts for the knots case',
    `
Hello Ines,

the six label texts for the knots case are with you now.
Please send me your corrections by Monday; the printer wants them on Wednesday.

Runa`,
  ),
  letter(
    97,
    'Harbour School <office@harbour-school.example>',
    'Visit of class 6c',
    `
Class: 6c
Pupils: 24
Wanted day: 11 December
Teacher: Ms Amira Blom

We would be glad of a guided tour of an hour. Please confirm the day.`,
  ),
  letter(
    74,
    'Tomas Quill <tomas.quill@saltmarsh.example>',
    'Cake on Friday',
    `
It is my birthday, and there will be plum cake in the workshop at three.

Tomas`,
  ),
  letter(
    53,
    'Celeste Amari <celeste@northcape.example>',
    'Courier for the sextants',
    `
Dear Ines,

our courier can collect the two sextants on 9 December between 9 and 11.
Would you confirm the slot and send us the packing list beforehand?

Best wishes
Celeste`,
  ),
  letter(
    49,
    'Rope Quarterly <letters@ropequarterly.example>',
    'What is new in ropes this autumn',
    `
In this issue: tarred or plain? A history of the rolling hitch. Readers write.
You receive this letter because you subscribed to it.`,
  ),
  letter(
    30,
    'Peder Holm <peder.holm@saltmarsh.example>',
    'Minutes of the exhibition round',
    `
Actions:
- Ines: ask Northcape for the insurance values by 2 December
- Runa: final colours of the wall texts by Friday
- Tomas: order two plinths

Next round on 8 December.
Peder`,
  ),
  letter(
    26,
    'Marit Osei <marit@keel-insurance.example>',
    'Certificate for the figurehead',
    `
Dear Ms Tavare,

the certificate for the figurehead (loan 2311) can be issued as soon as we have the signed value sheet.
Please return it no later than 30 November, as the transport is not covered before.

Marit Osei
Keel Insurance`,
  ),
  letter(
    7,
    'Leonie Strand <leonie@saltmarsh.example>',
    'Photographs for the winter leaflet',
    `
Hi Ines,

could you choose three photographs of the pilot boat for the winter leaflet?
No hurry, some time next week is fine.

Leonie`,
  ),
  letter(
    2,
    'Fenna Roos <fenna@pelikan-print.example>',
    'Re: Proof of the wall text',
    `
The proof is corrected and done from our side. Printing starts tomorrow morning.

Fenna`,
  ),
];
