import { frames, needs } from '../frames/nl.ts';
import type { Language } from '../language.ts';
import { moreVerbs, verbs } from '../verbs/nl.ts';

export const nl: Language = {
  code: 'nl',
  common:
    'de|het|een|en|van|die|te|is|voor|u|uw|jij|je|wij|we|ons|onze|met|door|dat|dit|alstublieft|graag|hebben|wordt|worden|zijn|er|op|bij|uit|zou|kunt|kun|niet|heeft|als|of|ik|mij|me|nog|naar|ook|kunnen|deze|om|aan|maar|wil',
  months: [
    'januari|jan',
    'februari|feb',
    'maart|mrt',
    'april|apr',
    'mei',
    'juni|jun',
    'juli|jul',
    'augustus|aug',
    'september|sept|sep',
    'oktober|okt',
    'november|nov',
    'december|dec',
  ],
  weekdays: ['maandag', 'dinsdag', 'woensdag', 'donderdag', 'vrijdag', 'zaterdag', 'zondag'],
  shortDays: ['ma', 'di', 'wo', 'do', 'vr', 'za', 'zo'],
  numbers:
    '1 een|1 één|2 twee|3 drie|4 vier|5 vijf|6 zes|7 zeven|8 acht|9 negen|10 tien|12 twaalf|14 veertien|15 vijftien|20 twintig|30 dertig',
  ordinals: [
    'ten eerste|eerst|allereerst|als eerste',
    'ten tweede|als tweede',
    'ten derde',
    'ten vierde',
    'ten vijfde',
    'ten zesde',
    'daarna|vervolgens|dan|verder|bovendien|daarnaast|ook',
    'tot slot|ten slotte|tenslotte|als laatste|uiteindelijk',
  ],
  dates: {
    today: 'vandaag|vanavond|vanmiddag|vanochtend|vandaag nog',
    tomorrow: 'morgen|morgenochtend|morgenmiddag|morgenavond|morgenvroeg',
    dayAfterTomorrow: 'overmorgen',
    yesterday: 'gisteren|eergisteren',
    next: 'volgende|volgend|de volgende',
    coming: 'aanstaande|komende|komend|deze|dit|a.s.|aankomende|eerstkomende|deze komende',
    comes: 'komende|aankomende|aanstaande|eerstkomende',
    last: 'vorige|afgelopen|vorig|laatste|jongstleden|jl',
    hour: 'uur|uren',
    day: 'dag|dagen|kalenderdagen',
    workday: 'werkdag|werkdagen',
    week: 'week|weken',
    fortnight: 'veertien dagen',
    month: 'maand|maanden',
    quarter: 'kwartaal',
    year: 'jaar|jaren',
    endOf:
      'eind|einde|het einde van|einde van|het eind van|eind van|ultimo|de laatste dag van|laatste dag van',
    middleOf: 'half|midden|medio|het midden van|midden in',
    startOf: 'begin|het begin van|begin van|aan het begin van',
    weekEnd:
      'eind van de week|einde van de week|het einde van de week|het eind van de week|eind van deze week|einde van deze week|het einde van deze week|het eind van deze week|eind deze week|einde deze week|weekend|weekeinde|het weekend|weekeind|einde week|eind week',
    monthEnd:
      'eind van de maand|einde van de maand|het einde van de maand|het eind van de maand|eind van deze maand|einde van deze maand|het einde van deze maand|eind deze maand|maandeinde|einde maand|eind maand',
    yearEnd:
      'eind van het jaar|einde van het jaar|het einde van het jaar|eind van dit jaar|eind dit jaar|jaareinde|einde jaar|eind jaar|het eind van het jaar|einde van dit jaar',
    within:
      'binnen|binnen de komende|in|over|binnen een termijn van|uiterlijk binnen|in de komende|een termijn van|termijn van|in de loop van',
    fromNow:
      'vanaf vandaag|na ontvangst|na dagtekening|na factuurdatum|vanaf nu|na heden|de tijd|tijd|vanaf heden',
    agoBefore: '',
    agoAfter: 'geleden',
    article: 'de|het',
    of: 'van|van de|,',
    ordinalMark: 'e|de|ste',
    dayOfMonth: 'de|den|op de|voor de|tot de',
    at: 'om|tegen|vanaf|voor|omstreeks|,',
    clock: 'uur|u|h',
    atHour: '',
    afternoon: '’s middags|’s avonds',
    weekdayPart: 'ochtend|middag|avond|nacht|morgen',
    weekLater: 'over een week|over acht dagen',
    time: 'tijd|keer',
    weeks: 'weken|maanden|dagen',
    thatDay:
      'voor die tijd|tegen die tijd|voor die datum|tot die tijd|op die dag|die dag|uiterlijk dan|voor dan|tegen dan|dezelfde dag|voor die dag|tot dan',
    beforeThen: 'voor die tijd|daarvoor|van tevoren',
    dayBefore:
      'de dag ervoor|de dag tevoren|een dag eerder|de dag daarvoor|daags tevoren|de avond ervoor|de avond tevoren|een dag ervoor|een dag van tevoren|de avond daarvoor|de avond van tevoren|de dag van tevoren|de middag ervoor|de avond van te voren',
    before: 'voor|eerder|van tevoren|ervoor|daarvoor|voorafgaand aan|tevoren|vooraf',
    noon: '12 uur ’s middags|twaalf uur ’s middags|het middaguur|12 uur s middags',
    dayPart:
      'einde van de dag|eind van de dag|het einde van de dag|het eind van de dag|einde dag|eind vandaag|einde werkdag|sluitingstijd|’s ochtends|’s middags|’s avonds|ochtend|middag|avond|middernacht|nacht|einde van de werkdag|eind van de middag|het eind van de middag|het einde van de werkdag|dagdeel',
    nth: '1 eerste|2 tweede|3 derde|4 vierde|-1 laatste',
    nthOf: 'van|van de|van elke|in',
    feasts:
      '0 witte donderdag|1 goede vrijdag|2 eerste paasdag|2 pasen|3 tweede paasdag|3 paasmaandag|4 hemelvaartsdag|4 hemelvaart|5 eerste pinksterdag|5 pinksteren|6 tweede pinksterdag|6 pinkstermaandag|7 kerstavond|8 eerste kerstdag|8 kerst|8 kerstmis|9 oudejaarsavond|9 oudjaar|10 nieuwjaarsdag|10 nieuwjaar',
    weekNumber: 'week|weeknummer|wk',
    from: 'van|tussen|vanaf|van de',
    to: 'tot|tot en met|t/m|en|naar|naar de|tot de|-',
    begins: 'vanaf|met ingang van|per|vanaf de|sinds|ingaande',
    every:
      'elke|iedere|dagelijks|wekelijks|maandelijks|op maandagen|op dinsdagen|op woensdagen|op donderdagen|op vrijdagen|elk|doordeweeks|op werkdagen|werkdagen',
    or: 'of',
  },
  cues: {
    by: 'geldig tot|geldig tot en met|u heeft tot|je hebt tot|jullie hebben tot|heeft u tot|u hebt tot|tot en met|de tijd tot|uiterlijk|uiterlijk op|uiterlijk voor|uiterlijk tot|tot en met|t/m|niet later dan|niet later dan op|ten laatste|ten laatste op|deadline|deadline is|de deadline is|de uiterste datum is|uiterste datum|uiterste datum is|sluit op|sluiten op|sluitingsdatum|sluitingsdatum is|verloopt op|vervalt op|eindigt op|loopt af op|vervaldatum|vervaldatum is|betaalbaar voor|inleverdatum|termijn|termijn is|de termijn loopt af op|uiterste inleverdatum|uiterlijke datum|tot uiterlijk|binnen|eerder dan|ideaal zou zijn|ideaal is',
    until:
      'tot|geldig tot|geldig tot en met|tot aan|tot en met|voorafgaand aan|nog voor|voor|vóór|vóór de|voor het|tegen|loopt tot|in de komende|binnen de komende',
    on: 'op|de|den|voor|deze|dit|is|is op|van|naar|in|om|op de|eind|komende|aanstaande|a.s.',
    latest:
      'is dus vroeg genoeg|is dus prima|is dan ook vroeg genoeg|uiterlijk|op zijn laatst|ten laatste|als uiterste datum|is de deadline|is de uiterste datum|of eerder|is de laatste dag|is de sluitingsdatum|binnen zijn|binnen hebben|op z’n laatst|is prima|is goed|volstaat|is vroeg genoeg|is genoeg|zou mooi zijn',
    dueNoun:
      'sluit|sluiten|deadline|uiterste datum|vervaldatum|vervalt|verloopt|sluitingsdatum|inleverdatum|te betalen|termijn|te laat|laatste dag|uiterlijk|betaaltermijn|einddatum|aanleverdatum|opleverdatum|betaaldatum|uiterste inleverdatum|achterstallig|streefdatum|laatste mogelijkheid|laatste datum',
    ahead: 'voordat|voorafgaand aan|tijdig voor|op tijd voor|alvorens',
    purpose:
      'naar|voor|tijdig voor|op tijd voor|vóór|voorafgaand aan|ten behoeve van|voordat|voorafgaand aan|tijdig voor|op tijd voor|alvorens',
    must: 'moet|moeten|dient|dienen|behoort|behoren|hoort',
    should: 'zou moeten|zouden moeten',
    obligation:
      'u kunt|je kunt|jullie kunnen|mogelijk|kunt u|moet|moeten|dient|dienen|nodig|hoeven|noodzakelijk|vereist|verplicht|zou|zouden|willen|wil|graag|verwachten|verwacht|behoeft|vergeet niet|denk eraan|denkt u eraan|gewenst|zorg|zorgt|kunnen|kan|zou moeten',
    ifHad:
      'als ik … heb|als we … hebben|als wij … hebben|als ik … had|als we … hadden|als ik … krijg|als we … krijgen',
    accepts: 'nemen wij … aan|nemen we … aan|wij nemen … aan|we nemen … aan|worden aangenomen',
    given:
      'u hebt|u heeft|je hebt|jullie hebben|heeft u|heb je|hebben jullie|u krijgt|je krijgt|u hebt nog|heeft dan|hebt dan|heb dan|heeft u dan|er is nog tijd|nog tijd',
    wish: 'liefst|het liefst|bij voorkeur|idealiter|zo mogelijk|indien mogelijk|beter nog|liefst al|het liefst al|bij voorkeur al',
    event:
      'vergadering|bijeenkomst|opening|bezoek|vindt plaats|plaatsvinden|plaats|aankomst|komt aan|geboekt|gepland|concert|workshop|conferentie|seminar|training|cursus|feest|lunch|diner|receptie|vakantie|ceremonie|gesprek|afspraak|overleg|tentoonstelling|beurs|reis|vertrek|begint|start|verjaardag|bruiloft|lezing|repetitie|inspectie|schouw|levering|geleverd|evenement|sessie|opent|congres|rondleiding|borrel|bespreking|excursie|etentje|festival|open dag|repetitie|repetities',
    placeAt: 'in|bij|op|te',
    placeLabel: 'plaats|waar|locatie|zaal|ruimte',
    withWhom: 'met',
    peopleLabel: 'deelnemers|aanwezigen|met',
    past: 'was|waren|sinds|ontvangen|ontvingen|gestuurd|verzonden|vorige|afgelopen|besproken|besteld|gekocht|geleverd op|aangekomen|had|hadden|plaatsgevonden|betaald|ondertekend|afgesproken|geschreven|gisteren|werd|ingediend|gemeld',
    issue:
      'datum|van|gedateerd|d.d.|dd|uitgegeven|factuurdatum|datum|gemaakt op|opgesteld op|brief van|factuur van|mail van|bericht van|gepubliceerd|versie|dagtekening',
    absence:
      'afwezig|niet op kantoor|met vakantie|op vakantie|gesloten|niet bereikbaar|weer bereikbaar|weer op kantoor|ziek|openingstijden|geopend|terug op|met verlof|buiten kantoor|niet aanwezig|bereikbaar|zijn weg|ben weg|is weg|zijn we weg|op reis|er niet|dicht|sluiten we|we sluiten|wij sluiten|sluiten wij',
    needless: 'niets|hoef niet|hoeft niet|niet nodig|hoef je niet',
    delivered:
      'wordt bezorgd|wordt geleverd|worden geleverd|is onderweg|komt aan|bij u zijn|bij je zijn|bij u bezorgd|bezorgd worden',
    commit:
      'ik zal|wij zullen|we zullen|ik stuur|wij sturen|we sturen|ik kom|wij komen|we komen|ik kan|wij kunnen|we kunnen|ik verwacht|u ontvangt|je ontvangt|jullie ontvangen|wij leveren|we leveren|wordt geleverd|worden geleverd|ik ben dan|ik meld|u krijgt|je krijgt|ik bel u|ik bel je|wij nemen|we nemen|ik laat je|ik laat u|ontvangt u',
    future:
      'volgen|volgt|meestal|doorgaans|normaal gesproken|zal|zullen|wordt|worden|is … klaar|zijn … klaar',
    state:
      'blijft|blijven|beschikbaar|leverbaar|geldig|geldt|gelden|duurt|garantie|te zien|te koop|van kracht|loopt|verzekerd|raadplegen|toegankelijk|op voorraad|tentoongesteld|houdbaar|zijn te koop|is te koop|ingezien|bezocht|bezichtigd|ter inzage|open|geopend|uitverkoop',
    offer:
      'offerte|aanbieding|aanbod|korting|kortingscode|bon|code|tarief|voorstel|optie|reservering|uitnodiging|prijsopgave|enquête|stemming|vragenlijst|prijs|prijzen',
    coming: 'kom|komt|komen|bijwonen|uitgenodigd|uitnodigen',
    move: 'verplaatst|verschoven|verzet|uitgesteld|verlengd|vervroegd|nieuwe datum|nieuwe deadline|nieuwe termijn|correctie|toch|liever|in plaats daarvan|nu op|wordt nu|is nu|opgeschoven|naar voren|bedoelde|wordt verplaatst|schuift op|schuift van|verlengen|verleng|verschuiven|verplaatsen|uitstellen|weken later|dagen later|week later',
    change: 'gewijzigd|verandert|veranderd|aangepast',
    instead: 'in plaats van|i.p.v.|niet|en niet|niet meer|niet op|in plaats van op',
    lift: 'hoef je niet meer te doen|hoeft u niet meer te doen|niet meer nodig|niet langer nodig|hoeft niet meer|hoef je niet meer|hoeft u niet meer|hoeven niet meer|geannuleerd|is vervallen|zijn vervallen|komt te vervallen|kunt u negeren|kun je negeren|negeer|niet meer te sturen|is al gedaan|al geregeld|is al opgelost|ingetrokken|niet meer vereist|overbodig|is niet meer|gaat niet door|hoeven we niet meer|heb ik niet meer nodig|hebben we niet meer nodig|u hoeft niets te doen|je hoeft niets te doen|jullie hoeven niets te doen|hoeft u niets|hoef je niets|niets te betalen|geen actie|verder niets te doen|laat maar|maar zitten|hoef … niet meer|hoeft … niet meer|hoeven … niet meer|vergeet',
    otherwise: 'anders|zo niet',
    optional: 'herroepen|kosteloos annuleren|gratis annuleren',
  },
  requests: {
    please:
      'alstublieft|alsjeblieft|svp|s.v.p.|aub|a.u.b.|graag|indien mogelijk|zo mogelijk|bedankt|dank u|dank je|ook|en|dan|even|alvast|eventjes|misschien|vriendelijk',
    frames,
    self: 'ik moet|moet ik|ik zou moeten',
    toDo: 'moet nog|te doen:|nog doen:|niet vergeten:|moeten nog',
    announce:
      'wij herinneren u eraan dat|we herinneren u eraan dat|wij herinneren je eraan dat|we herinneren je eraan dat|wij wijzen u erop dat|we wijzen je erop dat|ter herinnering:|denk eraan dat|houd er rekening mee dat|wij delen u mee dat|let op:|let op dat|vergeet niet dat|hierbij delen wij mee dat|hierbij delen wij u mee dat|wij informeren u dat|herinnering:|wij informeren … dat|wij delen … mee dat|we informeren … dat',
    arrive:
      'binnen zijn|in ons bezit zijn|in ons bezit te zijn|ontvangen zijn|te zijn ontvangen|bij ons zijn|aankomen|bij ons liggen|bij ons binnen zijn|binnen te zijn|bij mij zijn|bij … zijn',
    is: 'is|was|eindigt|loopt|verloopt|sluit|valt',
    forAction: 'voor|om',
    actionNouns:
      'reactie reageren|antwoord antwoorden|akkoord bevestigen|terugkoppeling terugkoppelen|levering leveren|retour retourneren|toezending toezenden|handtekening ondertekenen|aanvraag aanvragen|aanmelding aanmelden|inschrijven inschrijven|stemming stemmen',
    may: 'u kunt|je kunt|jullie kunnen|u mag|je mag|moeten|moet|dienen|dient|kunnen we|zullen we|kunnen wij|zullen wij',
    needs,
    othersNeed:
      'wil|willen|vraagt om|vragen om|verlangt|verlangen|verwacht|verwachten|wenst|wensen|wacht op|wachten op|eist|eisen',
    unless: 'indien|als|mochten|mocht',
    whoever: 'jullie die|degenen onder jullie die|allen die|wie|iedereen die|degene die|degenen die|al wie',
    letArrive: 'doen toekomen|toekomen',
    can: 'kun je|kan je|kunt u|kan u|kunnen jullie',
    withoutDoing: 'tenzij|bij gebreke van',
    auxiliary: 'is|zijn|wordt|worden|zal|zullen|heeft|hebben',
    pay: 'Betalen',
    ifYou: 'als u|als je|als jij|als jullie|indien u',
    presents:
      'hierbij|bijgaand|bijgevoegd|hier is|hier zijn|in de bijlage vindt u|in de bijlage vind je|ik stuur je|ik stuur u|bijgesloten',
    writerFirst: 'ik|we|wij',
    answer: 'Beantwoorden',
    answers: 'antwoorden|beantwoorden|reageren',
    bills:
      'factuur|rekening|bedrag|contributie|huur|aanbetaling|termijn|premie|belasting|aanslag|nota|saldo|som',
    yours: 'uw|je|jouw|jullie',
    awaits: 'verwachten|verwacht|wachten|wacht|kijken uit|kijk uit',
    mayPassive: 'kan|kunnen|mag|mogen|kan nog|kunnen nog',
    provide: 'Sturen',
    passive:
      'moet|moeten|dient te worden|dienen te worden|moet worden|moeten worden|dient te zijn|dienen te zijn|moet zijn|moeten zijn|moet … worden|hoort te worden|zou moeten worden|dient',
    courtesy:
      'een vraag|een vraagje|ontvangen|aarzel niet|aarzelt u niet|schroom niet|let op|houd er rekening mee|vindt u|vind je|bijgevoegd|in de bijlage|excuseer|neem contact op als|neem gerust contact|antwoord niet op|niet beantwoorden|denk aan het milieu|heeft u vragen|heb je vragen|mocht u vragen|mocht je vragen|bij vragen|tot ziens|groeten|voor uw begrip|een fijne|een prettig|van u te horen|van je te horen|aanvaard|laten we zeggen|zeg maar|laten we het houden op|u te ontmoeten|uw komst|u te zien|afmelden|tot gauw|tot snel|bijgaand|bij ons komen|kom langs|dank dat|bedankt dat|neem bij vragen',
    that: 'dat',
    relative: 'die|dat',
    gets: 'vindt|vinden|krijgt|krijgen|ontvangt|heeft|hebben|is|zijn|kan|kunnen|mag|mogen|betaalt',
    someone: 'hulp|vervanging|vrijwilligers|iemand',
    states: 'hebben|zijn|weten|krijgen|ontvangen',
    goes: 'lukt dat|gaat dat|kan dat|is dat mogelijk|zou dat kunnen|zou dat lukken|is dat haalbaar',
    generic:
      'laten|laat|antwoorden|antwoord|reageren|regelen|regel|afhandelen|oppakken|pak|doen|doe|behandelen|weten|lukken|redden',
    looks: 'kijken|bekijken',
    glances: 'werpen een blik|een blik werpen',
    verbs,
    moreVerbs,
    bring: 'meenemen|meebrengen|brengen|aantrekken|nemen',
    homographs:
      'bel|plan|test|werk|koop|vraag|antwoord|boek|deel|mail|les|zorg|label|print|scan|regel|leen|meet|stuur|dien',
    determiners:
      'alles|de|het|een|mijn|jouw|je|uw|onze|ons|hun|haar|zijn|deze|dit|die|dat|alle|elke|beide|twee|drie|mij|me|hem|hen|ze|het|even|graag|a.u.b.|aub|iemand',
    forms: 'doe doen|ga gaan|zie zien|sta staan',
    third: 'doet doen|gaat gaan|staat staan|slaat slaan|ziet zien|houdt houden',
    participles:
      'gedaan doen|gebracht brengen|gekocht kopen|gezonden zenden|gestuurd sturen|geschreven schrijven|ondertekend ondertekenen|ingevuld invullen|ingeleverd inleveren|ingediend indienen|teruggestuurd terugsturen|betaald betalen|overgemaakt overmaken|voldaan voldoen|aangeleverd aanleveren|bevestigd bevestigen|gecontroleerd controleren|nagekeken nakijken|goedgekeurd goedkeuren|opgehaald ophalen|teruggebracht terugbrengen|doorgegeven doorgeven|opgestuurd opsturen|toegestuurd toesturen|bijgewerkt bijwerken|vervangen vervangen|ontvangen ontvangen|getekend tekenen|geretourneerd retourneren|afgegeven afgeven|vrijgemaakt vrijmaken|opgeruimd opruimen|aangevuld aanvullen|aangevraagd aanvragen|besteld bestellen|geleverd leveren|gereserveerd reserveren|geboekt boeken|gemaild mailen|verstuurd versturen|verzonden verzenden|ingestuurd insturen|afgerond afronden|afgehandeld afhandelen|aangemeld aanmelden|uitgevoerd uitvoeren|opgelost oplossen|gerepareerd repareren|schoongemaakt schoonmaken|klaargezet klaarzetten|begonnen beginnen|begrepen begrijpen|besloten besluiten|besproken bespreken|bevolen bevelen|bewezen bewijzen|gebeden bidden|gebleven blijven|gebroken breken|gedacht denken|gedragen dragen|gedreven drijven|gedronken drinken|gedwongen dwingen|gegaan gaan|gegeven geven|gegeten eten|gegoten gieten|gegraven graven|gegrepen grijpen|gehangen hangen|geholpen helpen|gehouden houden|gekeken kijken|gekomen komen|gekozen kiezen|gekregen krijgen|geladen laden|gelaten laten|gelezen lezen|gelopen lopen|gemeten meten|genomen nemen|geroepen roepen|geschonken schenken|geschoven schuiven|gesloten sluiten|gesneden snijden|gesproken spreken|gestoken steken|gestreken strijken|gestaan staan|geslagen slaan|getrokken trekken|gevonden vinden|gevraagd vragen|gewassen wassen|gewezen wijzen|gewogen wegen|geworpen werpen|gezien zien|gezocht zoeken|overlegd overleggen|vergeten vergeten|verloren verliezen|verschenen verschijnen|verwezen verwijzen|voorgeschreven voorschrijven|uitgegeven uitgeven|betrokken betrekken|herzien herzien|verkregen verkrijgen',
    compounds: true,
    verbLast: true,
    particles:
      'terug|op|in|aan|af|mee|uit|door|toe|bij|na|over|klaar|voor|vast|goed|samen|schoon|weg|langs|langs|vrij|thuis|leeg|dicht|open|los|rond|tegen|bijeen|bekend|beschikbaar|gereed|veilig|weer|deel|kennis|neer|heen|achter|onder',
    indirect: 'ons|mij|me|hem|haar|hen|u|je|jullie|aan ons|aan mij|naar ons|naar mij|zich|jij',
    fillers:
      'alstublieft|alsjeblieft|ook|nog|even|eens|graag|ons|mij|me|aub|svp|om|te|direct|z.s.m.|zo spoedig mogelijk|nu|dan|alvast|hiervoor|eventueel|allemaal|zich|er|misschien|gewoon|eerst|daarom|dan ook|meteen|ook even',
    clitics: '',
    elliptic:
      'alle drie|alle vier|dit alles|dat alles|deze gegevens|deze stukken|deze documenten|deze informatie|een nieuwe|een nieuw|nieuwe|er een|er een paar|een paar|er enkele|enkele|de rest|de jouwe|het jouwe|de uwe|allemaal|beide|dit|dat|alles|er|er twee|een andere|een ander|die|deze|hem|ze|het|het uwe|die van u|die van jou|dat|dit|ervoor|daarvoor',
    pronouns: 'het|deze|dit|dat|die|ze|hem',
    reason:
      'zodat|omdat|want|aangezien|om te|anders|mits|voordat|zodra|die we|dat we|maar|bedankt|dank|alvast bedankt|opdat|in verband met|gezien|dan kunnen|of anders|of we|of ik|en ik|en wij|want dan|dan begin ik|dan kan ik|dan kunnen we|dan komt|tot nu toe',
    negation: 'niet|geen|nooit',
    nothing: 'niets',
    polite: 'alstublieft|alsjeblieft|svp|aub|even|eens|gelieve',
    modals: 'kunt|kunnen|kan|kon|zou|zouden|wilt|wil|willen|mogen',
    be: 'worden|te worden|te zijn',
    once: 'zodra|wanneer|nadat|voordat|als',
    condition: 'als|indien|mocht',
    goal: 'om',
    so: 'dus|daarom|derhalve',
    sum: 'totaal|subtotaal|som|eindtotaal',
    finished: 'gedaan|afgerond|klaar|gereed|ja|ok',
    afterNoun: 'is|was|van|voor',
    writer: 'ik|wij|we',
    you: 'u|jij|je|jullie',
    doForMe: '',
    beforeOrder: '',
    and: 'en',
    assigns: 'moet|zal',
    aside:
      'als|wanneer|indien|ik|wij|we|hij|zij|ze|het|de|daarna|dan|vervolgens|later|en dan|dat wil zeggen|oftewel|dan zet|dan zetten|en ik|en wij|en we|zijn wij|zijn we|zou dat|dat zou',
    fromNowOn:
      'direct beschikbaar|meteen leverbaar|per direct beschikbaar|per direct|met onmiddellijke ingang|direct leverbaar|meteen na|direct na|meteen daarna|onmiddellijk na|vlak na',
    levels: { high: 'hoog', medium: 'gemiddeld|middel', low: 'laag' },
    high: 'dringend|spoed|urgent|zo snel mogelijk|zo spoedig mogelijk|z.s.m.|zsm|asap|kritiek|hoge prioriteit|prioriteit: hoog|onmiddellijk|direct nodig|zeer belangrijk|hoogste prioriteit|met spoed|per direct|prioriteit hoog|haast|topprioriteit|onverwijld|met grote spoed|per omgaande|urgentie|prioritair|spoedeisend|spoedig|met voorrang|meteen|zonder uitstel|dringendst|hoogdringend|ten spoedigste',
    medium:
      'gemiddelde prioriteit|normale prioriteit|prioriteit: normaal|prioriteit: gemiddeld|prioriteit normaal|prioriteit: middel',
    low: 'geen haast|geen spoed|niet dringend|niet urgent|wanneer u tijd heeft|wanneer je tijd hebt|als je tijd hebt|als u tijd heeft|lage prioriteit|prioriteit: laag|neem de tijd|op uw gemak|op je gemak|geen haast bij|rustig aan|prioriteit laag|heeft geen haast|wanneer het uitkomt|als het uitkomt|als je een minuutje hebt|wanneer je een momentje hebt|als je even tijd hebt|haast is er niet|zonder haast|er is geen haast|als je een moment hebt|haast heeft het niet|als je eens tijd hebt|ooit eens|geen enkele haast|geen bijzondere haast',
    taskHeading:
      'taken|taak|acties|actiepunten|actielijst|te doen|to do|todo|to-do|volgende stappen|openstaande punten|graag|kunt u|kun je|kunnen jullie|het volgende|we hebben nodig|wat er moet gebeuren|afspraken en acties|checklist|nog te doen|wil je|wilt u|volgende|werkzaamheden|een paar dingen|klussen|actie',
    otherHeading:
      'hoe|instructies|handleiding|agenda|prijzen|prijslijst|openingstijden|programma|menu|deelnemers|aanwezig|bijlagen|inhoud|onderwerpen|besteloverzicht|nieuws|contact|afwezig|inbegrepen|inclusief|gedaan|afgerond|ter informatie|ingrediënten|artikelen|planning|adres|producten|tarieven|kosten',
    action: 'actie|taak|wat|te doen|omschrijving|activiteit|punt|onderwerp|werk|maatregel|stap|actiepunt',
    owner:
      'wie|verantwoordelijke|verantwoordelijk|eigenaar|persoon|toegewezen aan|naam|door|uitvoerder|door wie',
    when: 'deadline|wanneer|datum|voor wanneer|uiterlijk|gereed|vervaldatum|termijn|uiterste datum|klaar op|voor',
    done: 'status|gereed|afgerond|gedaan|voortgang|klaar|stand',
  },
  mail: {
    greeting:
      'beste|geachte|hallo|hoi|dag|goedemorgen|goedemiddag|goedenavond|lieve|hi|hey|allen|beste allemaal|ha|morgen|goeiemorgen',
    signOff:
      'met vriendelijke groet|met vriendelijke groeten|vriendelijke groeten|vriendelijke groet|groeten|groet|hartelijke groeten|hartelijke groet|mvg|bedankt|dank u wel|dank je wel|alvast bedankt|met dank|tot ziens|hoogachtend|liefs|met hartelijke groet|beste groeten|gr|met groet|hartelijk dank|veel dank|tot dan|alvast dank|met vr. gr.|dank alvast|fijne dag|prettig weekend|dank en groet',
    signOffFrom: 'uit|van',
    mobile:
      'verstuurd vanaf mijn|verzonden vanaf mijn|verstuurd met|verzonden met|verzonden via|verstuurd via',
    legal:
      'vertrouwelijk|vertrouwelijke|geadresseerde|bestemd voor|ten onrechte ontvangen|abusievelijk|per abuis|openbaarmaking|denk aan het milieu|voordat u deze|kvk|btw|handelsregister|disclaimer|aansprakelijk|onbevoegden|virussen|te vernietigen|ten onrechte|verwijderen|afzender|verspreiding|milieu|print|btw-nummer',
    unsubscribe:
      'afmelden|uitschrijven|nieuwsbrief|mailinglijst|u ontvangt deze|bekijk in browser|bekijk in uw browser|privacybeleid|voorkeuren beheren|niet langer ontvangen|uitschrijflink|geen e-mails meer',
    external:
      'externe e-mail|externe afzender|extern bericht|van buiten de organisatie|buiten uw organisatie|buiten de organisatie|externe mail|klik niet op|afkomstig van buiten|externe bron',
    automatic:
      'afwezigheidsassistent|automatisch antwoord|niet op kantoor|onbestelbaar|niet bezorgd|leesbevestiging|afwezigheid|automatische reactie|afwezigheidsbericht|automatisch bericht|gelezen:|afwezig',
  },
};
