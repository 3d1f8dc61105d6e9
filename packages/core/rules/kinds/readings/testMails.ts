export const MAIL = `From: Ines <ines@quay.example>
Subject: Fwd: Loan form for the gauge; due fri; area Loans
Date: Mon, 23 Nov 2026 10:00:00 +0000
X-Ticket: case 12

%urgent %"two words" see below

---------- Forwarded message ---------
From: Orla Penhale <orla@loans.cape.example>
Date: Mon, 23 Nov 2026 at 09:00
Subject: Loan form for the gauge

Please return the signed form for SQ-0231 and SQ-0232 by 7 December, urgently.
The talk takes place on Thursday, 3 December at 10:00 in the Boat House.

Object: Tide gauge no. 4
Value: EUR 1,412.50 insured
Crates: many
Insured: yes
Page: see https://cape.example/form.
Takes: 90 minutes

Object No.\tPlace
SQ-0231\tNorth hall
SQ-0232\tStore
`;
export const LIST = `From: o@cape.example
Subject: Actions
Date: Mon, 23 Nov 2026 10:00:00 +0000

Actions:
- Tom: book the hall by 3 December, SQ-0777
  the large one
- print the posters
`;
export const PLAIN = 'From: o@keel.example\nSubject: Greetings\n\nIt was a lovely evening.';
