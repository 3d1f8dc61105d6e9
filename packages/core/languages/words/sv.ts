import { frames, needs } from '../frames/sv.ts';
import type { Language } from '../language.ts';
import { combine } from '../words.ts';
import { moreVerbs, verbs } from '../verbs/sv.ts';

export const sv: Language = {
  code: 'sv',
  common:
    'och|att|det|som|är|för|du|ni|din|er|vi|vår|våra|med|av|på|den|detta|vänligen|har|kommer|bli|blir|vara|till|från|skulle|kan|inte|en|ett|om|eller|jag|min|mig|oss|i|hej|tack|senast|också|ska|så|ska|era',
  months: [
    'januari|jan',
    'februari|feb',
    'mars',
    'april|apr',
    'maj',
    'juni|jun',
    'juli|jul',
    'augusti|aug',
    'september|sept|sep',
    'oktober|okt',
    'november|nov',
    'december|dec',
  ],
  weekdays: [
    'måndag|måndagen',
    'tisdag|tisdagen',
    'onsdag|onsdagen',
    'torsdag|torsdagen',
    'fredag|fredagen',
    'lördag|lördagen',
    'söndag|söndagen',
  ],
  shortDays: ['mån', 'tis', 'ons', 'tors|tor', 'fre', 'lör', 'sön'],
  numbers:
    '1 en|1 ett|2 två|3 tre|4 fyra|5 fem|6 sex|7 sju|8 åtta|9 nio|10 tio|12 tolv|14 fjorton|15 femton|20 tjugo|30 trettio|2 ett par',
  ordinals: [
    'för det första|först|först och främst',
    'för det andra',
    'för det tredje',
    'för det fjärde',
    'för det femte',
    'för det sjätte',
    'sedan|därefter|dessutom|vidare|även',
    'slutligen|till sist|till slut|sist|avslutningsvis',
  ],
  dates: {
    today: 'idag|i dag|ikväll|i kväll|i eftermiddag|i förmiddag|i morse',
    tomorrow: 'imorgon|i morgon|i morgon bitti|imorgon bitti|i morgon eftermiddag|i morgon förmiddag',
    dayAfterTomorrow: 'i övermorgon|övermorgon',
    yesterday: 'igår|i går|i förrgår',
    next: 'nästa|nästkommande|närmaste',
    coming: 'denna|den här|kommande|nu på|på',
    comes: 'kommande',
    last: 'förra|senaste|föregående|i',
    hour: 'timme|timmar|timmen|tim|timmarna',
    day: 'dag|dagar|dagen|kalenderdagar|dagarna',
    workday: 'arbetsdag|arbetsdagar|vardag|vardagar|bankdagar|arbetsdagen',
    week: 'vecka|veckor|veckan|veckorna',
    fortnight: 'fjorton dagar',
    month: 'månad|månader|månaden|månaderna',
    quarter: 'kvartal|kvartalet',
    year: 'år|året',
    endOf: 'slutet av|slutet på|slut|utgången av|i slutet av|sista|sista dagen i|sista dag i',
    middleOf: 'mitten av|mitten på|mitt i|i mitten av|medio',
    startOf: 'början av|början på|tidigt|i början av|start',
    weekEnd:
      'slutet av veckan|slutet på veckan|veckans slut|veckoslutet|slutet av denna vecka|slutet av den här veckan|helgen|veckoslut|utgången av veckan|slutet av vecka',
    monthEnd:
      'slutet av månaden|slutet på månaden|månadens slut|månadsskiftet|slutet av denna månad|slutet av den här månaden|utgången av månaden|sista i månaden',
    yearEnd: 'slutet av året|slutet på året|årets slut|årsskiftet|utgången av året|slutet av detta år',
    within:
      'inom|om|inom de närmaste|under de närmaste|inom loppet av|på|inom en tid av|inom högst|en frist på|en tid av|under loppet av',
    fromNow:
      'från idag|från i dag|efter mottagandet|från mottagandet|räknat från idag|från och med idag|efter fakturadatum|på dig|på er|på sig|från och med i dag|räknat från i dag',
    agoBefore: 'för',
    agoAfter: 'sedan',
    article: 'den|de',
    of: 'av|,|i',
    ordinalMark: ':e|:a|e|:de',
    dayOfMonth: 'den|före den|senast den|till den|innan den',
    at: 'kl|kl.|klockan|vid|före kl|före klockan|innan|,|senast kl|senast klockan|till kl|innan kl|innan klockan',
    clock: '',
    atHour: 'kl|kl.|klockan|före kl|före klockan|senast kl|senast klockan|till kl|innan kl|innan klockan',
    afternoon: 'på kvällen|på eftermiddagen',
    weekdayPart: 'kväll|morgon|förmiddag|eftermiddag',
    weekLater: 'om en vecka|åtta dagar',
    time: 'tid|gång|gånger',
    weeks: 'veckor|månader|dagar|veckorna|månaderna|dagarna',
    thatDay:
      'innan dess|till dess|före dess|senast då|den dagen|före det datumet|samma dag|fram till dess|före den dagen',
    beforeThen: 'innan dess|dessförinnan|till dess',
    dayBefore:
      'dagen innan|dagen före|kvällen innan|kvällen före|en dag innan|en dag före|dagen dessförinnan|kvällen dessförinnan|eftermiddagen före|kvällen dessförinnan|föregående dag|föregående kväll',
    before: 'innan|före|i förväg|tidigare|dessförinnan|innan dess',
    noon: 'mitt på dagen|middagstid|klockan tolv|kl. tolv',
    dayPart:
      'slutet av dagen|slutet på dagen|dagens slut|arbetsdagens slut|stängning|på morgonen|på förmiddagen|på eftermiddagen|på kvällen|förmiddag|eftermiddag|kväll|morgon|natt|midnatt|under dagen|förmiddagen|eftermiddagen|kvällen|morgonen|lunch|lunchtid|vid lunch',
    nth: '1 första|2 andra|3 tredje|4 fjärde|-1 sista',
    nthOf: 'i|varje',
    feasts:
      '0 skärtorsdag|0 skärtorsdagen|1 långfredag|1 långfredagen|2 påskdagen|2 påsk|3 annandag påsk|4 kristi himmelsfärdsdag|5 pingstdagen|5 pingst|6 annandag pingst|7 julafton|7 julaftonen|8 juldagen|8 jul|9 nyårsafton|10 nyårsdagen|10 nyår',
    weekNumber: 'vecka|v|v.',
    from: 'från|mellan|mellan den|från den|från och med',
    to: 'till|till den|och|och den|till och med|t.o.m.|-',
    begins: 'från|från och med|fr.o.m.|fr o m|fr.o.m|med start|med början|sedan',
    every:
      'varje|alla|dagligen|veckovis|månadsvis|på måndagar|på tisdagar|på onsdagar|på torsdagar|på fredagar|måndagar|vardagar|på vardagar|helgfria vardagar',
    or: 'eller',
  },
  cues: {
    by: 'det räcker med|räcker med|det räcker|det räcker bra|det går bra|det duger|giltig till|giltigt till|giltig till och med|gäller till|du har till|ni har till|har tid till|du har på dig till|ni har på er till|senast|senast den|senast på|senast till|senast kl|allra senast|allra senast den|före|före den|innan|innan den|inte senare än|inte senare än den|förfaller|förfaller den|förfallodag|förfallodatum|sista dag|sista dagen är|sista datum|sista dag är|sista datum är|sista svarsdag|sista anmälningsdag|sista ansökningsdag|sista inlämningsdag|sista anmälningsdag är|sista ansökningsdag är|sista svarsdag är|sista inlämningsdag är|sista betalningsdag|sista betalningsdag är|deadline|deadline är|deadline den|stänger den|stänger|går ut den|går ut|löper ut den|löper ut|upphör den|osa|osa senast|o.s.a. senast|tidsfrist|tidsfristen är|tidsfristen går ut|inom|är klar den|i god tid före|idealiskt vore|det bästa vore',
    until:
      'giltig till|giltigt till|giltig till och med|gäller till|tills|t.o.m.|till|till den|fram till|fram till den|till och med|inom de närmaste|under de närmaste',
    on: 'den|på|till|för|nu på|är|är den|av|i|om|kl|klockan|nästa|till den|vid',
    latest:
      'senast|allra senast|som senast|är deadline|är sista dag|är sista datum|är sista dagen|eller tidigare|är sista svarsdag|är tidsfristen|är sista anmälningsdag|som allra senast|räcker|går bra|är bra|duger|räcker gott|vore bra|är lagom',
    dueNoun:
      'deadline|förfallodag|förfallodatum|förfaller|sista dag|sista datum|tidsfrist|stänger|löper ut|går ut|försenad|sista dagen|sista svarsdag|sista anmälningsdag|sista ansökningsdag|sista inlämningsdag|sista betalningsdag|klart senast|inlämning|osa|att betala|förfallen|senast|slutdatum|svarstid|leveransdatum|måldatum|sista chansen',
    ahead: 'före|innan|inför|i tid till',
    purpose: 'till|för|i tid till|inför|före|innan|i god tid till|före|innan|inför|i tid till',
    must: 'måste|ska|skall|bör',
    should: 'ska|borde',
    obligation:
      'du kan|ni kan|möjligt|kan du|måste|ska|skall|bör|behöver|behövs|behöva|nödvändigt|krävs|obligatoriskt|skulle|vill|önskar|förväntar|väntar|glöm inte|kom ihåg|tänk på|behov av|skulle vilja|vore|skall|kan|får|borde',
    ifHad: 'om jag hade|om vi hade|om jag fick|om vi fick|hade jag|hade vi|om jag kunde få|om vi kunde få',
    accepts: 'tar vi emot|vi tar emot|tas emot|mottages|mottas',
    given:
      'du har|ni har|har du|har ni|har sedan|har då|har därefter|du får på dig|ni får på er|det finns ännu tid|ännu tid|finns det tid',
    wish: 'helst|allra helst|gärna redan|om möjligt|idealiskt|bäst|helst redan',
    event:
      'möte|mötet|sammanträde|träff|träffas|invigning|invigningen|besök|besöket|äger rum|hålls|ankomst|kommer fram|anländer|bokat|bokad|planerat|planerad|konsert|konserten|workshop|workshopen|konferens|konferensen|seminarium|utbildning|utbildningen|kurs|kursen|fest|festen|lunch|lunchen|middag|mottagning|semester|ceremoni|samtal|intervju|intervjun|utställning|utställningen|mässa|mässan|resa|resan|avresa|börjar|startar|start|födelsedag|bröllop|föreläsning|föreläsningen|repetition|besiktning|besiktningen|leverans|leveransen|levereras|öppning|stämma|årsmöte|årsmötet|evenemang|session|öppnar|kongress|vernissage|vernissagen|visning|visningen|styrelsemöte|styrelsemötet|festival|öppet hus|inbjuder|välkommen till|repetition|repetitionen|övning|övningen',
    placeAt: 'i|på|hos|vid',
    placeLabel: 'plats|var|lokal|sal',
    withWhom: 'med',
    peopleLabel: 'deltagare|med|närvarande',
    past: 'var|sedan|mottagit|mottog|fick|fått|skickade|skickat|förra|senaste|diskuterade|beställde|beställt|köpte|levererades|kom|hade|ägde rum|betalade|betalat|undertecknade|överenskommet|skrev|igår|i går|talades|har fått|blev|hölls|anmäldes|pratade',
    issue:
      'daterad|daterat|utfärdad|utfärdat|fakturadatum|av den|datum|skapad|skapat|brev från|faktura från|mejl från|från den|publicerad|version|upprättad',
    absence:
      'frånvarande|inte på kontoret|på semester|stängt|stängd|ledig|inte tillgänglig|är tillbaka|tillbaka på kontoret|sjuk|öppettider|öppet|föräldraledig|åter på|nås inte|tjänstledig|bortrest|inte anträffbar|öppna|är borta|bortresta|är vi borta|på resa|är iväg|stängda|stänger vi|vi stänger',
    needless: 'inget|ingenting|behöver inte|inte nödvändigt|något före',
    delivered:
      'kommer att levereras|anländer|är på väg|levereras på|levereras mellan|vara hos dig|vara hos er|levereras till dig',
    commit: `du får|ni får|du kommer att|ni kommer att|levereras den|skickas till|${combine('jag|vi', 'kommer att|skickar|återkommer|kan|räknar med|levererar|är tillbaka|ringer|hör av oss|hör av mig|ska|kommer|lämnar')}`,
    future: 'följer|kommer|kommer sedan|vanligtvis|normalt|oftast|kommer att|blir|är klar|är klara|finns',
    state:
      'förblir|tillgänglig|tillgängligt|tillgängliga|giltig|giltigt|giltiga|gäller|pågår|varar|garanti|garantin|visas|till salu|i kraft|försäkrad|finns kvar|kvarstår|slut|i lager|löper|hållbar|säljs|finns|besökas|öppen|öppet|öppna|rean|reapris',
    offer:
      'erbjudande|erbjudandet|offert|offerten|rabatt|rabattkod|kupong|kod|pris|förslag|option|bokning|inbjudan|anbud|enkät|enkäten|omröstning|omröstningen|priset|priserna|pris',
    coming: 'komma|kom|delta|välkommen|välkomna|inbjuder|inbjuden',
    move: 'flyttat|flyttad|flyttats|flyttas|skjuts upp|skjutits upp|uppskjutet|uppskjuten|senarelagd|senarelagt|förlängd|förlängt|förlängs|förlängts|tidigarelagd|tidigarelagt|nytt datum|ny deadline|ny tidsfrist|rättelse|hellre|nu är|är nu|blir nu|i stället|byter|menade|flyttas från|förlänger|skjuter upp|senarelägger|skjuta upp|flytta|förlänga|veckor senare|dagar senare|vecka senare',
    change: 'ändrat|ändrad|ändrats|ändras',
    instead: 'i stället för|istället för|inte|och inte|snarare än|i stället för den',
    lift: 'behövs inte längre|inte längre nödvändigt|behöver inte längre|behöver vi inte längre|behöver jag inte längre|behöver du inte längre|behöver ni inte längre|är inställt|inställd|inställt|avbokat|bortse från|ni kan bortse|du kan bortse|redan gjort|redan klart|redan löst|redan ordnat|glöm det|återkallad|återkallat|krävs inte längre|inte längre aktuellt|inte aktuell längre|utgår|är inte längre|behövs inte mer|dras tillbaka|dragits tillbaka|inte aktuellt längre|strunta i|makulera|du behöver inte göra något|ni behöver inte göra något|inget att betala|inget att göra|ingen åtgärd|behöver inte göra någonting|behöver … inte längre|behöver inte … längre|slipper ni|slipper du|glöm',
    otherwise: 'annars|i annat fall|om inte',
    optional: 'ångra|ångerrätt|avboka kostnadsfritt|avboka utan kostnad',
  },
  requests: {
    please:
      'vänligen|snälla|tack|om möjligt|gärna|tack på förhand|också|även|och|sedan|då|är du snäll|om du kan|om ni kan|så|lite|bara',
    frames,
    self: 'jag måste|jag ska|jag bör|jag behöver',
    toDo: 'måste|att göra:|kom ihåg att|behöver',
    announce:
      'vi påminner om att|jag påminner om att|vi vill påminna om att|jag vill påminna om att|observera att|vi informerar om att|vi meddelar att|påminnelse:|härmed meddelas att|vi vill informera om att|notera att|vi informerar … att|vi meddelar … att',
    arrive:
      'vara oss tillhanda|vara inne|komma in|ha kommit in|nå oss|vara hos oss|inkomma|ha inkommit|vara framme|finnas hos oss|vara mig tillhanda|vara hos',
    is: 'är|var|går|löper|infaller',
    forAction: 'för att|att|för',
    actionNouns:
      'beställningar beställa|anmälningar anmäla|svar svara|leverans leverera|återkoppling återkoppla|besked svara|godkännande godkänna|underskrift underteckna|retur returnera|anmälan anmäla|ansökan ansöka|anmälningar anmäla|omröstningen rösta|omröstning rösta',
    may: 'du kan|ni kan|du får|ni får|går att|måste|ska|bör|skall|skulle vi kunna|ska vi|kan vi',
    needs,
    othersNeed: 'behöver|vill ha|begär|kräver|väntar på|önskar|efterfrågar',
    unless: 'om',
    whoever: 'ni som|du som|ni andra som|de av er som|den som|de som|alla som|var och en som',
    letArrive: '',
    can: 'kan du|kan ni',
    withoutDoing: 'såvida inte',
    auxiliary: 'är|blir|har|blivit|vara|bli',
    pay: 'Betala',
    ifYou: 'om du|om ni',
    presents: 'här kommer|här är|bifogat finns|bifogad är|bifogar|jag bifogar|härmed|jag skickar',
    writerFirst: 'jag|vi',
    answer: 'Svara',
    answers: 'svara',
    bills:
      'fakturan|räkningen|beloppet|avgiften|hyran|summan|premien|skatten|handpenningen|resten|saldot|räntan',
    yours: 'din|ditt|dina|er|ert|era',
    awaits: 'väntar|väntar på|förväntar|ser fram emot|emotser|inväntar',
    mayPassive: 'kan|får|går att|kan även|kan fortfarande',
    provide: 'Skicka',
    passive:
      'måste|ska|skall|bör|behöver|behövs|ska vara|skall vara|måste vara|bör vara|ska bli|ska ha|ska ha blivit|måste bli',
    courtesy:
      'en fråga|en kort fråga|få|tveka inte|notera att|observera att|observera|hittar du|finner du|bifogat|bifogad|ursäkta|kontakta oss om|kontakta mig om|svara inte på|tänk på miljön|för din förståelse|för er förståelse|har du frågor|om du har frågor|om ni har frågor|vid frågor|hör av dig om|hör gärna av dig|hör av er om|välkommen att|ha tålamod|låt oss säga|säg att|ska vi säga|höra från|höra av|träffa|se er|se dig|välkomna er|avsluta prenumerationen|vi ses|hej så länge|här kommer|hälsa på|tack för att|tack för|fråga mig om något|fråga oss om|fråga om du|ring mig om',
    that: 'att',
    relative: 'som|du|ni',
    gets: 'hittar|får|har|är|kan|betalar|slipper|finner',
    someone: 'hjälp|en vikarie|frivilliga|någon',
    states: 'vara|ha|få|veta',
    goes: 'går det|går det att göra|är det möjligt|skulle det gå|hinner du det|funkar det|fungerar det',
    generic:
      'säga|säg|svara|höra|ordna|fixa|hantera|ta hand om|ta|göra|gör|kolla|lösa|veta|veta det|hinna|klara',
    looks: 'titta|kolla|se',
    glances: 'ta en titt|kasta ett öga',
    verbs,
    moreVerbs,
    bring: 'ta|medta|medföra|ha',
    homographs: 'svar|bok|test|mejl|mail|del|räkna|spår|lag|mål|sand|rit|flytt|bygg|mat|måla|packa',
    determiners:
      'allt|allting|den|det|de|en|ett|min|mitt|mina|din|ditt|dina|er|ert|era|vår|vårt|våra|sin|sitt|sina|hans|hennes|deras|denna|detta|dessa|alla|varje|båda|två|tre|mig|oss|honom|henne|dem|gärna|in|upp|ut|till|på|ner|med|igenom|om|av|någon',
    forms:
      'ge ge|ges ge|kom komma|bestäm bestämma|glöm glömma|töm tömma|inkom inkomma|återkom återkomma|se se|ange ange|anges ange|föreslå föreslå|gå gå|stå stå|få få|be be',
    third: 'gör göra|ger ge|tar ta|ser se|går gå|står stå|säger säga|lägger lägga|sätter sätta|får få',
    participles:
      'skickat skicka|gjord göra|gjort göra|skriven skriva|skrivit skriva|sänt sända|lagd lägga|satt sätta|insänd insända|betald betala|inlämnad inlämna|inlämnat inlämna|lämnats lämna|lämnat lämna|betalats betala|skickats skicka|bekräftats bekräfta|återlämnad återlämna|skrivet skriva|skrivits skriva|underskriven underskriva|tagen ta|taget ta|tagits ta|borttagen ta|borttaget ta|gjorts göra|lagt lägga|lagts lägga|satts sätta|ställd ställa|ställt ställa|såld sälja|sålt sälja|given ge|givet ge|givits ge|buren bära|burits bära|hållen hålla|hållits hålla|läst läsa|lästs läsa|sänts sända|löst lösa|bunden binda|bundit binda|dragen dra|dragits dra|bruten bryta|brutits bryta|skuren skära|struken stryka|sluten sluta|funnen finna|burit bära|upplåst låsa|låst låsa|insänd sända|inskickad skicka|bytt byta|bytts byta|köpt köpa|köpts köpa|märkt märka|stängd stänga|stängt stänga|tömd tömma|tömt tömma|följd följa|ifylld fylla|inbjuden bjuda in|bjuden bjuda',
    compounds: true,
    verbLast: false,
    particles: '',
    indirect: 'oss|mig|honom|henne|dem|till oss|till mig|dig|er|åt mig|åt oss|du|ni',
    fillers:
      'också|även|bara|gärna|snälla|oss|mig|att|nu|sedan|redan|igen|snarast|lite|snabbt|alla|möjligen|sig|er|dig|kanske|helt enkelt|direkt|först|därför|då också',
    clitics: '',
    elliptic:
      'alla tre|alla fyra|allt detta|allt det här|dessa uppgifter|dessa handlingar|dessa dokument|den här informationen|en ny|ett nytt|nya|en till|ett till|några|några stycken|resten|din|ditt|dina|er|ert|era|båda|allt|det|detta|den|dem|denna|dessa|en annan|ett annat|en|ett|ett par|din egen|sitt|om det|om detta|för det|den här|det här|den där',
    pronouns: 'det|den|dem|detta|denna|dessa',
    reason:
      'så att|för att|eftersom|därför att|annars|såvida|innan vi|innan jag|så snart|som vi|men|tack|då vi|då jag|i så fall|tack på förhand|så vi|så jag|så kan vi|i annat fall|eller så|efter det|för då|för vi|för jag|för det|för annars|så börjar|så kan jag|så skickar|så slipper|så hinner|hittills|än|ännu',
    negation: 'inte|ej|aldrig|ingen',
    nothing: 'inget|ingenting',
    polite: 'vänligen|snälla|gärna',
    modals: '',
    be: 'bli|vara|ha|finnas',
    once: 'så fort|så snart|när|innan|efter att|medan',
    condition: 'om|ifall',
    goal: 'för att',
    so: 'så|därför|alltså',
    sum: 'summa|totalt|delsumma|total',
    finished: 'klar|klart|utfört|färdig|färdigt|ja|ok',
    afterNoun: 'är|var|av|för|från',
    writer: 'jag|vi',
    you: 'du|ni',
    doForMe: '',
    beforeOrder: '',
    and: 'och',
    assigns: 'ska|skall',
    aside:
      'om|när|jag|vi|han|hon|det|den|sedan|därefter|sen|då kan|det vill säga|alltså|dvs|så vi|så jag|vore det|skulle det',
    fromNowOn:
      'omgående tillgänglig|finns omgående|direkt tillgänglig|med omedelbar verkan|omedelbart efter|direkt efter|genast efter|strax efter|när det passar',
    levels: { high: 'hög|högt', medium: 'medel|normal', low: 'låg|lågt' },
    high: 'brådskande|akut|så snart som möjligt|snarast möjligt|snarast|omgående|asap|kritiskt|hög prioritet|prioritet: hög|omedelbart|mycket viktigt|högsta prioritet|genast|bråttom|brådskar|skyndsamt|prioritet hög|så fort som möjligt|med högsta prioritet|prio 1|viktigt och brådskande|urgent|så fort du kan|jättebråttom|jätteviktigt|prioriterat|prioritera detta|skyndar|utan dröjsmål|med det snaraste|på en gång|kritisk',
    medium:
      'medelhög prioritet|normal prioritet|prioritet: normal|prioritet: medel|prioritet medel|medelprioritet',
    low: 'ingen brådska|ingen stress|inte brådskande|inte bråttom|när du har tid|när ni har tid|låg prioritet|prioritet: låg|ta den tid du behöver|det är inte bråttom|i mån av tid|ingen panik|när du hinner|när ni hinner|prioritet låg|vid tillfälle|när du har en stund|när du får tid|när det passar|inte akut|ej brådskande|när du har en minut|i lugn och ro|brådskar inte|det brådskar inte|utan brådska|inget bråttom|hastar inte|ingen större brådska|ingen särskild brådska',
    taskHeading:
      'uppgifter|uppgift|åtgärder|åtgärdslista|att göra|att-göra|todo|to do|nästa steg|öppna punkter|vänligen|kan du|kan ni|skulle du kunna|följande|vi behöver|det här behöver göras|checklista|kvar att göra|beslut och åtgärder|saker att göra|aktiviteter|några saker|arbetslista|behöver göras|är ni snälla',
    otherHeading:
      'så här|instruktioner|hur|agenda|dagordning|priser|prislista|öppettider|program|meny|deltagare|närvarande|bilagor|innehåll|ämnen|ordersammanfattning|nyheter|kontakt|frånvarande|ingår|inkluderat|klart|avslutat|för kännedom|ingredienser|artiklar|tidsplan|adress|produkter|tjänster|avgifter',
    action: 'åtgärd|uppgift|vad|att göra|beskrivning|aktivitet|punkt|ämne|arbete|steg|ärende',
    owner: 'vem|ansvarig|ägare|person|tilldelad|namn|utförs av|av vem|ansvar',
    when: 'senast|när|datum|deadline|klart|till när|förfallodag|sista dag|klar senast|tidsfrist',
    done: 'status|klart|klar|färdig|utfört|läge|gjort',
  },
  mail: {
    greeting:
      'hej|hejsan|bästa|kära|käre|god morgon|god dag|hallå|tjena|hej alla|god kväll|hi|goddag|hejhej|tja',
    signOff:
      'med vänliga hälsningar|vänliga hälsningar|vänlig hälsning|hälsningar|mvh|bästa hälsningar|med vänlig hälsning|tack|tack på förhand|hälsar|vi hörs|ha det bra|med bästa hälsningar|varma hälsningar|kramar|vi ses|tack så mycket|stort tack|hälsning|allt gott|trevlig helg|med tack|många hälsningar|hjärtliga hälsningar|kram|bästa hälsning',
    signOffFrom: 'från',
    mobile: 'skickat från min|skickat från|skickat med|skickades från',
    legal:
      'konfidentiell|konfidentiellt|avsedda mottagaren|avsedd för|mottagaren|fått detta mejl av misstag|av misstag|obehörig|innan du skriver ut|tänk på miljön|gdpr|personuppgifter|org.nr|organisationsnummer|sekretess|virus|vidarebefordran|mottagare|felaktigt|radera|avsändaren|spridning|miljön|skriva ut',
    unsubscribe:
      'avregistrera|avsluta prenumerationen|avprenumerera|nyhetsbrev|sändlista|e-postlista|du får detta|ni får detta|visa i webbläsare|visa i webbläsaren|integritetspolicy|hantera inställningar|inte längre vill|avanmäl|avsluta prenumeration',
    external:
      'externt mejl|extern avsändare|externt meddelande|utanför organisationen|extern e-post|klicka inte|kommer utifrån|från en extern|externt e-post|externt ursprung',
    automatic:
      'frånvaromeddelande|automatiskt svar|autosvar|olevererbart|kunde inte levereras|läskvitto|frånvaro|ej levererat|automatsvar|läst:|leveransfel',
  },
};
