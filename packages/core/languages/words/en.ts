import { frames, needs } from '../frames/en.ts';
import type { Language } from '../language.ts';
import { moreVerbs, verbs } from '../verbs/en.ts';

export const en: Language = {
  code: 'en',
  common:
    'the|and|to|of|is|for|you|your|we|our|with|by|that|this|please|have|will|are|be|it|on|at|from|would|could|can|not|has|an|as|if|or|need|me|my|us',
  months: [
    'january|jan',
    'february|feb',
    'march|mar',
    'april|apr',
    'may',
    'june|jun',
    'july|jul',
    'august|aug',
    'september|sept|sep',
    'october|oct',
    'november|nov',
    'december|dec',
  ],
  weekdays: [
    'monday|mondays',
    'tuesday|tues',
    'wednesday|weds',
    'thursday|thurs|thur',
    'friday',
    'saturday',
    'sunday',
  ],
  shortDays: ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'],
  numbers:
    '1 one|1 a|1 an|2 two|3 three|4 four|5 five|6 six|7 seven|8 eight|9 nine|10 ten|12 twelve|14 fourteen|15 fifteen|20 twenty|21 twenty-one|30 thirty|2 a couple of|2 couple of',
  ordinals: [
    'first|firstly|first of all',
    'second|secondly',
    'third|thirdly',
    'fourth|fourthly',
    'fifth|fifthly',
    'sixth',
    'then|next|after that|also',
    'finally|lastly|last but not least|last',
  ],
  dates: {
    today: 'today|tonight|this morning|this afternoon|this evening',
    tomorrow: 'tomorrow|tmrw|tomorrow morning|tomorrow afternoon|tomorrow evening',
    dayAfterTomorrow: 'the day after tomorrow|day after tomorrow',
    yesterday: 'yesterday|the day before yesterday',
    next: 'next',
    coming: 'this|coming|this coming|the coming',
    comes: '',
    last: 'last|past|previous',
    hour: 'hour|hours|hrs|hr',
    day: 'day|days|calendar days',
    workday:
      'working day|working days|business day|business days|workday|workdays|weekday|weekdays|work days',
    week: 'week|weeks|wk|wks',
    fortnight: 'fortnight|fortnights',
    month: 'month|months',
    quarter: 'quarter',
    year: 'year|years',
    endOf: 'end of|the end of|end|the last day of|late|close of|the last day in',
    middleOf: 'mid|middle of|the middle of|mid-',
    startOf: 'early|beginning of|the beginning of|start of|the start of|early in',
    weekEnd: 'end of week|end of the week|end of this week|eow|weekend|the weekend|this weekend',
    monthEnd: 'end of month|end of the month|end of this month|eom|month end|month-end|the month’s end',
    yearEnd: 'end of year|end of the year|end of this year|eoy|year end|year-end',
    within:
      'within|in|within the next|over the next|in the next|inside|inside of|no more than|a period of|a deadline of|in the course of|in the course of the next',
    fromNow:
      'from now|from today|from receipt|from the date of this|of receipt|of this letter|hence|’ time|time|from the date|from this date|of your receiving this|to do so|to reply|to respond|left|in which',
    agoBefore: '',
    agoAfter: 'ago',
    article: 'the',
    of: 'of|,',
    ordinalMark: 'st|nd|rd|th',
    dayOfMonth: 'the',
    at: 'at|@|by|before|around|until',
    clock: 'o’clock',
    atHour: '@',
    afternoon: 'in the afternoon|in the evening',
    weekdayPart: '',
    weekLater: 'week|after next',
    time: 'time|times',
    weeks: 'weeks|wks|months|days',
    thatDay:
      'by then|before then|until then|till then|by that date|before that date|by that day|that day|by that time|on that date|that same day|the same day|before that time|by that hour',
    beforeThen: 'before then|before that|beforehand|by then',
    dayBefore:
      'the day before|a day earlier|the previous day|the evening before|the night before|one day earlier|the day prior|the evening prior|the previous evening|the night prior|the afternoon before',
    before: 'before|ahead of|prior to|earlier|in advance|beforehand|in advance of|previously',
    noon: 'noon|midday|12 noon',
    dayPart:
      'eod|cob|close of business|close of play|end of day|end of business|end of the day|end of play|morning|afternoon|evening|night|midnight|first thing|lunchtime|lunch',
    nth: '1 first|1 1st|2 second|2 2nd|3 third|3 3rd|4 fourth|4 4th|-1 last',
    nthOf: 'in|of each|of every|each|every',
    feasts:
      '0 maundy thursday|0 holy thursday|1 good friday|2 easter sunday|2 easter|3 easter monday|4 ascension day|5 whit sunday|5 whitsun|5 pentecost|6 whit monday|7 christmas eve|8 christmas day|8 christmas|9 new year’s eve|10 new year’s day|10 new year',
    weekNumber: 'week|wk|cw',
    from: 'from|between',
    to: 'to|until|till|through|and|-|and ending',
    begins: 'from|as of|starting|starting on|starting from|beginning|effective|with effect from|as from',
    every:
      'every|each|daily|weekly|monthly|mondays|tuesdays|wednesdays|thursdays|fridays|saturdays|sundays|on weekdays|weekdays|weekends|weekly on|mondays to fridays',
    or: 'or|or else',
  },
  cues: {
    by: 'stands until|is good until|valid until|valid till|by|you have time until|you’ve got until|has until|no later than|not later than|latest by|at the latest by|due|due on|due by|due for|due in|due date|due date is|on or before|payable by|payable within|at latest|latest|deadline is|deadline|deadline of|deadline was|closes|closes on|close on|closing date|closing on|expires|expires on|expire on|ends on|runs out on|runs out|rsvp by|rsvp|respond by|reply by|not after|prior to|ahead of|with a deadline of|is due|are due|was due|were due|is wanted for|wanted for|no later|you have until|we have until|you have got until|ideal would be|the ideal would be',
    until:
      'up to and including|any time up to and including|any time up to|at any time up to|before|until|till|up to|within|in time for|valid until|valid till|open until|in the next|within the next|over the next|in the course of the next|in the course of',
    on: 'on|for|this|at|the|is|of|to|in|is on|are on|be',
    latest:
      'is early enough|would be early enough|would be soon enough|would be time enough|would be enough|would do|is plenty|is time enough|would suffice|at the latest|latest|at latest|or sooner|or earlier|or before|deadline|is the deadline|is the latest|is the last day|is the cut-off|is our deadline|would be perfect|would be ideal|would be great|at the very latest|at the absolute latest|by the latest|is fine|will do|is soon enough|is early enough|would be fine|is ok|is okay|works for me|suffices|is enough',
    dueNoun:
      'deadline|due|due date|overdue|closing date|cut-off|cutoff|cut off|expires|expiry|payable|rsvp|target date|submission date|last day|latest date|final date|respond by|needed by|required by|wanted by|complete by|return by|time limit|last date|expiration date|closes|close|last possible date|latest possible date|last possible day|final day',
    ahead: 'before|ahead of|prior to|in time for',
    purpose:
      'to|for|in time for|ahead of|before|prior to|by|at|to have it for|need it for|needed for|before|ahead of|prior to|in time for',
    must: 'must|has to|have to|needs to be|is to be|are to be|shall be|should reach|is due to be',
    should: 'should|ought to',
    obligation:
      'you can|you may|are accepted|is accepted|is possible|can still|must|have to|has to|need to|needs to|need|needs|needed|should|shall|required|is required|requires|are required|ought to|want|would like|wanted|expected|expect|is to be|are to be|be sure to|remember|make sure|be ready|to be ready|to be done|can|may',
    ifHad:
      'if i had|if we had|if i could have|if we could have|if i got|if we got|if … reached me|if … reached us',
    accepts:
      'we accept|we are accepting|are accepted|we take orders|we are taking orders|can be placed|are being taken',
    given:
      'you have|you’ve got|you have got|you’ve|you still have|leaves you|gives you|you are given|you’re given|you will have|you’ll have|will have|then have|there is still time|there’s still time|still time',
    wish: 'preferably|ideally|if possible|best|at best|better still|if you can|with luck|hopefully|best of all|preferably already|ideally already',
    event:
      'meeting|opening|opens|site visit|takes place|take place|held|arrives|arrive|arriving|arrival|booked|scheduled|on display|concert|workshop|conference|seminar|webinar|training|course|celebration|party|lunch|dinner|reception|holiday|ceremony|session|interview|appointment|exhibition|fair|trip|tour|departure|leaves|starts|begins|launch|birthday|wedding|festival|lecture|rehearsal|inspection|runs|join us|event|gathering|assembly',
    placeAt: 'in|at|on board',
    placeLabel: 'place|where|location|venue|room',
    withWhom: 'with',
    peopleLabel: 'participants|attendees|with|present',
    past: 'was|were|since|received|sent|last|ago|wrote|met|spoke|discussed|signed|ordered|bought|delivered|arrived|had|visited|came|happened|took place|paid|completed|posted|submitted|did|as of|agreed|promised|called|shipped|placed|issued|dated|born|founded|published|started|registered|asked|changed',
    issue:
      'dated|of|issued|issued on|sent on|received on|from|since|date|invoice date|date of issue|created|created on|printed|as of|order date|posted on|written on|signed on|submitted on|updated|version|revision',
    absence:
      'away|out of office|out of the office|on leave|on holiday|on vacation|absent|closed|not available|unavailable|not in the office|am back on|are back on|is back on|be back on|i’m back on|we’re back on|back in the office|return on|returning on|off sick|opening hours|office hours|open daily|open from|my last day|are away|am away|is away|not here|abroad|travelling|down|we close|we are closing|we’re closing|we will close',
    needless: 'nothing|no need to|need not|needn’t|don’t need to|don’t have to|do not need to|do not have to',
    delivered:
      'out for delivery|will be delivered|is being delivered|are being delivered|will arrive|be with you|reach you|be delivered|arrive with you',
    commit:
      'i will|i’ll|we will|we’ll|i shall|we shall|i am going to|i’m going to|we are going to|we’re going to|i can|we can|i plan to|we plan to|i intend|we intend|i expect to|we expect to|i hope to|we hope to|i aim to|we aim to|i promise|will send you|will be sent|will arrive|will be delivered|will be shipped|we are sending|i am sending|you will receive|you’ll receive|you should receive|will be back|will get back',
    future:
      'follow|follows|will follow|normally|usually|typically|as a rule|will be|will have|will then be|is going to be|are going to be|is being|are being|will take|will become',
    state:
      'remain|remains|stay|stays|available|valid|open|on display|on show|on sale|in force|guarantee|guaranteed|warranty|runs|lasts|continues|applies|apply|out of stock|in stock|under construction|insured|covered|holds good|on offer|sells|sold|visited|viewed|seen|inspected|sale ends|sale',
    offer:
      'offer|quote|quotation|estimate|discount|voucher|code|early bird|early-bird|price|rate|proposal|invitation|reservation|option|coupon|survey|poll|questionnaire|vote|voting|ballot|prices',
    coming: 'come|join|attend|invite|invited',
    move: 'moved|moves|move|extended|postponed|shifted|pushed|pushed back|brought forward|rescheduled|delayed|deferred|make that|make it|put back|now due|new deadline|new date|new due date|correction|rather than|instead|slipped|sorry, i meant|i meant|not any more but|deadline is now|date is now|due date is now|is now due|are now due|extending|extend|postponing|postpone|moving|push|shift|delay|defer|bring forward|put off',
    change: 'changed|change|adjusted|amended',
    instead: 'instead of|rather than|not|no longer|and not',
    lift: 'no need to do this|no need to do it|called it off|not necessary any more|not necessary anymore|no longer needed|no longer need|no longer required|no longer necessary|no need to send|no need any more|not needed any more|not needed anymore|no need to send it any more|don’t need it any more|do not need it any more|not need to send it any more|don’t need to send it any more|no need for it any more|not need it anymore|don’t need it anymore|don’t have to send it any more|disregard|please ignore my|ignore my previous|ignore the request|ignore my request|has been cancelled|is cancelled|has been withdrawn|deadline has been lifted|has already been done|already done|already taken care of|has been settled already|called off|you can forget|forget it|is withdrawn|we have withdrawn|consider it closed|case is closed|nothing to pay|nothing to do|no action is needed|no action needed|no action required|no action is required|no further action|you don’t need to do anything|you do not need to do anything|you need do nothing|nothing for you to do|nothing more to do|no reply is needed|no reply needed|no payment is due|you need not do anything|nothing is required|never mind|don’t bother|don’t need to … any more|don’t have to … any more|don’t need to … anymore|don’t have to … anymore|needn’t … any more|do not need to … any more|do not have to … any more|no longer have to|no longer need to|is no longer needed|are no longer needed|forget about',
    otherwise: 'otherwise|or else|failing which|failing that',
    optional:
      'withdraw|withdraw from|opt out|change your mind|cancel free of charge|cancel without charge|cancelled free of charge|cancel at no cost',
  },
  requests: {
    please:
      'please|kindly|pls|plz|if possible|thank you|thanks|many thanks|if you can|if you could|when you can|would you please|in advance|at your convenience|if you don’t mind|also|and|then|so|just|now|again|hi|hello|ok|okay|well|but|could you|can you',
    frames,
    self: 'i have to|i need to|i must|i should|i’ve got to|i have got to|i still have to|i still need to',
    toDo: 'need to|have to|must|to do:|todo:|todo|to do|got to|gotta|remember to',
    announce:
      'please note that|kindly note that|note that|we would like to remind you that|we’d like to remind you that|we remind you that|i’d like to remind you that|just a reminder that|a reminder that|this is a reminder that|reminder:|please be advised that|please remember that|remember that|we inform you that|we would like to inform you that|we are writing to let you know that|as a reminder,|don’t forget that|just to let you know that|this is to inform you that|we inform … that|we would like to inform … that',
    arrive:
      'reach us|reach me|reach this office|reach our office|be with us|be with me|arrive|be received|have reached us|have reached me|be in our hands|get to us|get to me|come in|be in|be with',
    is: 'is|was|ends|expires|falls|closes|has been|will be',
    forAction: 'for|to',
    actionNouns:
      'response respond|submission submit|delivery deliver|reply reply|answer answer|return return|review review|decision decide|proof prove|choice choose|receipt acknowledge|transmission transmit|registration register|registrations register|application apply|applications apply|entry enter|entries enter|enrolment enrol|signature sign|payment pay|submissions submit|vote vote',
    may: 'you can|you may|you could|you are able to|must|has to|have to|needs to|need to|are to|shall|is to',
    needs,
    othersNeed:
      'needs|wants|requires|asks for|is asking for|is waiting for|expects|would like|need|want|require|ask for|are asking for|are waiting for|expect',
    unless: 'if|should',
    whoever:
      'those of you who|any of you who|all of you who|you who|whoever|anyone who|those who|everyone who|all who|if anyone|if someone',
    letArrive: 'let us have|let me have',
    can: '',
    withoutDoing: 'unless|failing that|in the absence of',
    auxiliary: 'is|are|be|been|being|has been|have been|has|have',
    pay: 'Pay',
    ifYou: 'if you|provided you|provided that you|as long as you',
    presents:
      'attached is|attached are|attached you will find|please find attached|please find enclosed|find attached|enclosed is|enclosed are|enclosed you will find|here is|here are|here’s|here comes|i’m attaching|i am attaching|we’re attaching|we are attaching|i attach|we attach|i enclose|we enclose|i’m sending you|i am sending you|this is',
    writerFirst: 'i|we|i’m|we’re|i’ve|we’ve|i’d|we’d',
    answer: 'Answer',
    answers: 'answer|reply|respond',
    bills:
      'invoice|bill|fee|fees|amount|balance|rent|instalment|deposit|contribution|premium|subscription|sum|dues|tax|fine|remainder',
    yours: 'your|yours',
    awaits: 'expect|expecting|await|awaiting|waiting for|waiting on|look forward to',
    mayPassive: 'may be|can be|could be|may still be|can still be|might be',
    provide: 'Send',
    passive:
      'needs to be|need to be|must be|has to be|have to be|should be|is to be|are to be|shall be|still needs to be|still need to be|still has to be|ought to be|will need to be|needs|wants to be|must have been|has to have been|should have been',
    courtesy:
      'a question|a quick question|one question|receive|see you|please find|kindly find|find our|find your|find my|find it|find them|thank you for|thanks for|thank you so|thank you very|many thanks for|do not hesitate|don’t hesitate|feel free|find attached|find enclosed|find below|see attached|see below|see the attached|see enclosed|note that|note|be aware|be advised|be informed|excuse|accept our|accept my|forgive|rest assured|let me know if you have any|let us know if you have any|let me know if you need|let us know if you need|contact me if|contact us if|do not reply|don’t reply|do not respond|consider the environment|you can ignore|ignore this|if you have any questions|should you have any questions|have a nice|have a good|have a great|have a lovely|take care|stay safe|find the|bear with|keep in mind|be patient|say hello|give my regards|disregard|you should receive|you should find|you should have received|you must be|you have to be|you should be able|you should see|let’s say|let us say|say so|shall we say|if you like|meet at|hearing from you|seeing you|meeting you|welcoming you|speak soon|talk soon|see you soon|catch up|get well|come back soon|look forward|unsubscribe|come and see|come and visit|come see|thank you for agreeing|thanks for agreeing|ask me if|ask us if|call me if|call us if|get in touch if|write to me if',
    that: 'that|sure',
    relative: 'that|which|who|you|we|they',
    gets: 'finds|find|gets|get|receives|receive|has|have|is|are|can|may|will|pays|saves',
    someone:
      'cover for|cover from|cover on|help|a hand|some help|volunteers|someone|somebody|anyone|a volunteer',
    states: 'have|be|know|get|hear|receive',
    goes: 'would that be possible|is that possible|would it be possible|would that work|does that work|will that work|can you manage that|could you manage that|could you do that|so could you|would you',
    generic:
      'make|tell|let|answer|reply|respond|know|say|handle|deal|take care|take|sort|do|action|process|look|see|follow|attend|know|hear|manage|cope|succeed',
    looks: 'look',
    glances: 'have a look|take a look|have a quick look|take a quick look',
    verbs,
    moreVerbs,
    bring: 'bring|wear|take along',
    homographs: '',
    determiners:
      'anything|everything|the|a|an|your|my|our|his|her|their|its|this|that|these|those|all|any|each|every|both|some|one|two|three|me|us',
    forms: '',
    third: 'does do|goes go',
    participles:
      'sent send|made make|done do|written write|rewritten rewrite|chosen choose|brought bring|bought buy|cut cut|set set|put put|read read|paid pay|given give|taken take|held hold|kept keep|found find|sold sell|told tell|built build|met meet|shown show|drawn draw|spent spend|lent lend|left leave|laid lay|begun begin|known know|seen see|redone redo|undone undo|withdrawn withdraw|dug dig|swept sweep|hung hang|bound bind|sought seek|overseen oversee|undertaken undertake|ridden ride|shut shut|split split|spread spread|cast cast|let let|rebuilt rebuild|resent resend|repaid repay|retaken retake|dealt deal|gone go|spoken speak|thought think|got get|gotten get|run run|rerun rerun',
    compounds: false,
    verbLast: false,
    particles: '',
    indirect: 'me|us|him|her|them|to me|to us|for me|for us',
    fillers:
      'also|then|just|kindly|please|now|again|to|still|quickly|briefly|all|both|at least|urgently|possibly|perhaps|go ahead and|each|maybe|simply|directly|first|therefore|instead',
    clitics: '',
    elliptic:
      'all three|all four|all of them|all of this|all of these|the lot|these items|these documents|these details|this information|these papers|another|another one|a new one|a new pair|new ones|one|ones|some|a few|a couple|a few of them|some of them|one of them|the rest|the others|the other|yours|mine|ours|theirs|both|all of them|any|a replacement|replacements|a second one|more|everything|this|that|these|those|it|them|the remaining ones|its|to it|about it|of it|to this|to that|about this|of this|so|do so|this one|that one|these ones',
    pronouns: 'it|this|that|them|these|those',
    reason:
      'so that|so we|so i|so it|so they|so you|so the|because|as we|as i|as the|as it|as they|since|in order to|in order for|otherwise|unless|before we|before i|before they|before it|after which|but|and then|or else|for which|in case|given that|thanks|thank you|many thanks|or we|or i|or it|or you|or they|failing which|and i’ll|and we’ll|and i will|and we will|or the|or my|or your|or our|and i|and we|then i|then we|so far|yet',
    negation: "not|no|never|n't|nothing|less",
    nothing: 'nothing',
    polite: 'please|kindly|pls',
    modals: '',
    be: 'be|been|have been',
    once: 'once|as soon as|when|whenever|after|while',
    condition: 'if|should you|in case',
    goal: 'to',
    so: 'so|so please|therefore|and so|hence',
    sum: 'total|totals|subtotal|sum|grand total|total due|amount due|balance',
    finished: 'done|complete|completed|yes|x|✓|✔|☑|closed|finished|ok',
    afterNoun: 'is|are|was|were|will|for|of|from|has|had|attached|enclosed|below|herewith',
    writer: '',
    you: '',
    doForMe: '',
    beforeOrder: '',
    and: 'and',
    assigns: 'to|will|should',
    aside:
      'if|when|which|who|while|once|whereas|i|we|they|he|she|it|the|my|our|there|after that|then we|then i|then it|thereafter|later we|then the|else|or the|as otherwise|that is|i.e.|namely|and i’ll|and we’ll|and i will|and we will|that would|it would|that will|this would|i suggest|i’m afraid',
    fromNowOn:
      'immediately available|available immediately|available at once|effective immediately|with immediate effect|immediately after|immediately before|right after|straight after|immediately afterwards|shortly after|straight away after',
    levels: { high: 'high', medium: 'medium', low: 'low' },
    high: 'urgent|urgently|asap|as soon as possible|critical|top priority|high priority|priority: high|priority high|immediately|very important|time-critical|time critical|emergency|at once|right away|highest priority|without delay|most urgent|utmost importance|prio 1|straight away|pressing|high importance|extremely important|really important|super urgent|promptly|speedily|with urgency|top of the list|of the essence|immediate action|immediate attention|needs immediate|most pressing|as a matter of urgency|as a matter of priority',
    medium:
      'medium priority|normal priority|priority: medium|priority: normal|moderate priority|medium urgency|priority medium|priority normal',
    low: 'no rush|no hurry|whenever you have a minute|whenever you have time|when you have time|when you have a minute|when you have a moment|whenever you get a chance|when you get a chance|low priority|not urgent|priority: low|priority low|take your time|no great rush|there’s no rush|at your leisure|whenever it suits|whenever suits|in your own time|if you find the time|nothing urgent|whenever convenient|when it suits you|no urgency|isn’t urgent|whenever you can|in no rush|in no hurry|whenever you find|no panic|spare hour|spare moment|spare minute|no pressure|at some point|there is no hurry|take as long as you like|not pressing|any time you like|no great hurry|no particular hurry|no real hurry|no big hurry|in no great hurry|no particular rush|not in any hurry|no special hurry',
    taskHeading:
      'action items|actions|action points|to do|to-do|todo|to-dos|todos|tasks|next steps|open points|open items|please do the following|following|to be done|please|could you|can you|we need|what we need|need from you|agreed actions|follow-ups|homework|things to do|needs doing|checklist|still open|outstanding|your tasks|jobs|for you to do|a few things|some things|a couple of things|requests|deliverables',
    otherHeading:
      'how to|instructions|how it works|agenda|prices|price list|opening hours|programme|program|schedule|menu|participants|attendees|attachments|contents|topics|in this issue|order summary|items ordered|news|highlights|features|benefits|timetable|present|apologies|includes|included|fees|rates|contact|what’s new|decisions|for information|ingredients|specifications|done|completed|already done|timeline|address|products',
    action:
      'action|task|what|to do|todo|action item|item|activity|deliverable|description|step|work|job|measure|request',
    owner:
      'owner|who|responsible|assignee|assigned to|assigned|person|by whom|lead|name|resp|for whom|in charge|contact',
    when: 'due|due date|deadline|when|by when|by|date|target|target date|until|finish|complete by|due by|needed by|latest',
    done: 'status|done|state|completed|progress|complete|ready|finished',
  },
  mail: {
    greeting:
      'dear|hi|hello|hey|good morning|good afternoon|good evening|greetings|hi all|hello all|dear all|hi team|morning',
    signOff:
      'best|best regards|kind regards|regards|many thanks|thanks|thank you|cheers|sincerely|yours|yours sincerely|yours faithfully|warm regards|best wishes|all the best|with best wishes|with kind regards|kindest regards|thanks and regards|thanks in advance|with thanks|take care|see you|love|warmly|sincerely yours|respectfully|cordially',
    signOffFrom: 'from',
    mobile: 'sent from my|sent from a|sent from mobile|sent via|sent with',
    legal:
      'confidential|confidentiality|intended recipient|intended solely|intended only|privileged|disclaimer|if you have received this|received this message in error|received this e-mail in error|received this email in error|unauthorised|unauthorized|disclosure|registered in england|registered office|company number|please consider the environment|before printing|virus|viruses|delete it immediately|notify the sender|legally binding|addressee|addressees|in error|please delete|may contain|unauthorised use|unauthorized use|legally privileged|distribution|copying|viruses or|monitored|any views|not necessarily those|regulated by|authorised and regulated|vat no|registered charity|registered number|incorporated in|privacy notice',
    unsubscribe:
      'unsubscribe|manage your preferences|manage preferences|mailing list|you are receiving this|you received this|view in browser|view this email in your browser|update your preferences|opt out|email preferences|privacy policy|to stop receiving|why did i get this|all rights reserved|notification settings',
    external:
      'external email|external sender|external message|originated from outside|originated outside|from outside your organisation|from outside your organization|from outside the organisation|from outside the organization|caution: external|outside of the organization|outside of the organisation|came from outside|sent from outside|do not click links|don’t often get email from|you don’t often get|external mail',
    automatic:
      'out of office|automatic reply|auto-reply|autoreply|auto reply|undeliverable|undelivered|delivery status notification|delivery failure|mail delivery failed|returned mail|read receipt|delivery has failed|auto response|automatic response|read:|vacation reply|away from my mail|failure notice|out-of-office',
  },
};
