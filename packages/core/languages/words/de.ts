import { frames, needs } from '../frames/de.ts';
import type { Language } from '../language.ts';
import { moreVerbs, verbs } from '../verbs/de.ts';

export const de: Language = {
  code: 'de',
  common:
    'der|die|das|und|zu|ist|für|sie|ihr|wir|unser|mit|von|dass|dies|bitte|haben|wird|werden|sind|sein|es|auf|am|im|bei|aus|würde|könnte|können|nicht|hat|ein|eine|als|wenn|oder|den|dem|ich|mir|uns|noch|bis|zum|zur|nach|auch',
  months: [
    'januar|jänner|jan',
    'februar|feb',
    'märz|maerz|mrz',
    'april|apr',
    'mai',
    'juni|jun',
    'juli|jul',
    'august|aug',
    'september|sept|sep',
    'oktober|okt',
    'november|nov',
    'dezember|dez',
  ],
  weekdays: [
    'montag|montags',
    'dienstag',
    'mittwoch',
    'donnerstag',
    'freitag',
    'samstag|sonnabend',
    'sonntag',
  ],
  shortDays: ['mo', 'di', 'mi', 'do', 'fr', 'sa', 'so'],
  numbers:
    '1 ein|1 eine|1 einer|1 einem|1 einen|2 zwei|3 drei|4 vier|5 fünf|6 sechs|7 sieben|8 acht|9 neun|10 zehn|12 zwölf|14 vierzehn|15 fünfzehn|20 zwanzig|30 dreißig',
  ordinals: [
    'erstens|zuerst|zunächst|als erstes',
    'zweitens|als zweites',
    'drittens|als drittes',
    'viertens',
    'fünftens',
    'sechstens',
    'dann|danach|außerdem|anschließend|ferner|weiterhin',
    'schließlich|zuletzt|zum schluss|abschließend|und zuletzt',
  ],
  dates: {
    today: 'heute|heute abend|heute nachmittag|heute morgen|heute mittag',
    tomorrow: 'morgen|morgen früh|morgen vormittag|morgen nachmittag|morgen abend',
    dayAfterTomorrow: 'übermorgen',
    yesterday: 'gestern|vorgestern',
    next: 'nächsten|nächster|nächste|nächstes|nächstem|folgenden|der nächsten|der nächste',
    coming: 'kommenden|kommender|kommende|diesen|diesem|dieser|diese|dieses|den kommenden',
    comes: 'kommenden|kommender|kommende',
    last: 'letzten|letzter|letzte|vergangenen|vergangener|vorigen|letztem',
    hour: 'stunde|stunden|std',
    day: 'tag|tage|tagen|kalendertage|kalendertagen|tages',
    workday: 'arbeitstag|arbeitstage|arbeitstagen|werktag|werktage|werktagen|bankarbeitstagen|arbeitstages',
    week: 'woche|wochen',
    fortnight: 'vierzehn tage|vierzehn tagen',
    month: 'monat|monate|monaten|monats',
    quarter: 'quartal|quartals',
    year: 'jahr|jahre|jahren|jahres',
    endOf:
      'ende|ende des|ende der|zum ende|ende vom|letzter tag im|letzten tag im|letzten tag des|letzte tag im',
    middleOf: 'mitte|mitte des|mitte der',
    startOf: 'anfang|anfang des|anfang der|beginn|zu beginn|zu beginn der',
    weekEnd: 'wochenende|ende der woche|ende dieser woche|ende diese woche|zum wochenende',
    monthEnd: 'monatsende|ende des monats|ende dieses monats|ultimo|zum monatsende',
    yearEnd: 'jahresende|ende des jahres|ende dieses jahres|zum jahresende',
    within:
      'innerhalb von|innerhalb|binnen|in|in den nächsten|innert|innerhalb der nächsten|in spätestens|eine frist von|einer frist von|frist von|ein zeitraum von|im laufe von|im lauf von',
    fromNow:
      'ab heute|nach erhalt|ab erhalt|ab zugang|nach zugang|ab rechnungsdatum|nach rechnungsdatum|nach eingang|ab jetzt|zeit|ab sofort',
    agoBefore: 'vor',
    agoAfter: '',
    article: 'der|den|dem|des|das|die',
    of: 'des|der|den|,|vom',
    ordinalMark: '.',
    dayOfMonth: 'den|dem|der|am|zum|bis zum|vom|bis|spätestens am',
    at: 'um|bis|gegen|ab|vor|,',
    clock: 'uhr|h',
    atHour: '',
    afternoon: 'nachmittags|am nachmittag|abends|am abend',
    weekdayPart: 'abend|früh|morgen|mittag|vormittag|nachmittag|nacht',
    weekLater: 'in einer woche|in acht tagen|über eine woche',
    time: 'zeit|mal|male',
    weeks: 'wochen|monate|monaten|tage|tagen',
    thatDay:
      'bis dahin|bis zu diesem tag|bis zu diesem datum|bis zu diesem termin|bis zu dem tag|vor diesem datum|vor diesem termin|an diesem tag|an dem tag|am selben tag|bis spätestens dahin|noch vorher',
    beforeThen: 'vorher|davor|bis dahin|zuvor',
    dayBefore:
      'am tag davor|tags zuvor|am vortag|am tag vorher|am vorabend|einen tag vorher|am abend davor|einen tag zuvor|einen tag davor|am tag zuvor|tags davor|am abend vorher|am abend zuvor|am nachmittag davor|schon am abend vorher',
    before: 'vor|vorher|zuvor|davor|im voraus|vorab|früher',
    noon: 'mittag|mittags|12 uhr mittags|zwölf uhr mittags',
    dayPart:
      'dienstschluss|feierabend|geschäftsschluss|büroschluss|ende des tages|tagesende|morgens|vormittag|vormittags|nachmittag|nachmittags|abend|abends|früh|nacht|mitternacht|arbeitsende|ladenschluss',
    nth: '1 erster|1 ersten|1 erste|2 zweiter|2 zweiten|2 zweite|3 dritter|3 dritten|3 dritte|4 vierter|4 vierten|-1 letzter|-1 letzten|-1 letzte',
    nthOf: 'im|des|eines jeden|jeden|in',
    feasts:
      '0 gründonnerstag|1 karfreitag|2 ostersonntag|2 ostern|3 ostermontag|4 christi himmelfahrt|4 himmelfahrt|5 pfingstsonntag|5 pfingsten|6 pfingstmontag|7 heiligabend|7 heiliger abend|8 weihnachten|8 erster weihnachtstag|9 silvester|10 neujahr',
    weekNumber: 'kw|kalenderwoche',
    from: 'vom|von|zwischen|zwischen dem|ab|vom zeitraum',
    to: 'bis|bis zum|bis|und|und dem|auf den|auf|-|zum',
    begins: 'ab|ab dem|vom|von|beginnend|mit wirkung vom|mit wirkung zum|seit',
    every:
      'jeden|jeder|jede|täglich|wöchentlich|monatlich|montags|dienstags|mittwochs|donnerstags|freitags|samstags|sonntags|werktags|wochentags|an werktagen',
    or: 'oder|oder erst',
  },
  cues: {
    by: 'es reicht|es genügt|reicht|genügt|gültig bis|gültig bis zum|sie haben bis|du hast bis|ihr habt bis|haben sie bis|hast du bis|zeit bis|haben zeit bis zum|bis|bis zum|bis spätestens|spätestens|spätestens am|spätestens zum|spätestens bis|bis einschließlich|bis am|bis ende|fällig am|fällig|fällig zum|fällig bis|frist|frist bis|frist ist|frist ist der|frist endet am|die frist endet am|deadline|deadline ist|deadline ist der|abgabetermin|abgabe|abgabe bis|abgabeschluss|einsendeschluss|einsendeschluss ist der|anmeldeschluss|anmeldeschluss ist der|stichtag|zahlbar bis|zahlbar bis zum|zahlbar innerhalb|läuft ab am|läuft am|endet am|schließt am|verfällt am|nicht später als|nicht später als am|fälligkeitsdatum|fälligkeit|letzter termin|erbeten bis|u. a. w. g. bis|rückmeldung bis|um antwort bis|rechtzeitig vor|fällig sein am|bis zum ende|bis zum tag|ideal wäre|ideal wäre der|perfekt wäre|perfekt wäre der',
    until:
      'vor|vor dem|innerhalb|binnen|gültig bis|gültig bis zum|bis dahin|innert|noch vor|noch vor dem|zum|in den nächsten|innerhalb der nächsten',
    on: 'am|den|dem|der|für|für den|zum|ist|ist der|vom|auf|auf den|in|im|um|noch|ende|diese|diesen',
    latest:
      'spätestens|als spätester termin|letzter tag|fällig|ist die frist|ist deadline|ist abgabe|ist abgabetermin|ist einsendeschluss|ist anmeldeschluss|ablaufen|abläuft|endet|allerspätestens|ist der letzte termin|ist die letzte möglichkeit|ist der letzte mögliche termin|wäre der letzte mögliche termin|wäre der letzte termin|reicht|genügt|reicht völlig|ist früh genug|wäre gut|wäre prima|passt|reicht vollkommen|ist in ordnung|genügt völlig',
    dueNoun:
      'schließt|schließen ihre|schließt ihre|frist|fällig|fälligkeit|deadline|abgabetermin|abgabe|abgabeschluss|einsendeschluss|anmeldeschluss|stichtag|zahlbar|termin bis|überfällig|läuft ab|fristende|redaktionsschluss|zahlungsziel|letzter termin|letzter tag|erledigen bis|zu erledigen bis|bewerbungsschluss|zieltermin|rückgabe bis|meldeschluss|verfällt|letzte termin|letzte mögliche termin|letzter möglicher termin|letztmöglicher termin|äußerster termin|spätester termin',
    ahead: 'vor|bevor|ehe|noch vor|rechtzeitig vor|rechtzeitig zu|rechtzeitig zum|rechtzeitig zur',
    purpose:
      'für|rechtzeitig zu|rechtzeitig zum|rechtzeitig vor|vor|bis zu|bis zur|bis zum|zum|zur|noch vor|vor|bevor|ehe|noch vor|rechtzeitig vor|rechtzeitig zu|rechtzeitig zum|rechtzeitig zur',
    must: 'muss|müssen|musst|müsst',
    should: 'soll|sollen|sollte|sollten',
    obligation:
      'sie können|du kannst|ihr könnt|möglich|können sie|muss|müssen|musst|sollte|sollten|sollen|soll|brauchen|brauche|benötigen|benötige|benötigt|gebraucht|erforderlich|nötig|notwendig|zu erledigen|erwarten|erwarte|möchten|möchte|denk daran|denken sie daran|ist zu|sind zu|haben zu|können|kann|müsste|müssten',
    ifHad:
      'wenn ich … hätte|wenn wir … hätten|hätte ich|hätten wir|wenn … bei mir wäre|wenn … bei uns wäre|wenn ich … bekäme|wenn wir … bekämen|wenn ich … habe|wenn wir … haben',
    accepts:
      'nehmen wir … an|nehmen wir … entgegen|wir nehmen … an|wir nehmen … entgegen|nehme ich … an|nehme ich … entgegen|werden angenommen|werden entgegengenommen|werden … angenommen|werden … entgegengenommen',
    given:
      'du hast|sie haben|ihr habt|hast du|haben sie|habt ihr|ihnen bleibt|ihnen bleiben|dir bleibt|dir bleiben|euch bleiben|bleiben ihnen|bleibt dir|bleiben dir|ihnen bleiben noch|sie haben dann|du hast dann|haben dann|hast dann|ihr habt dann|es ist noch zeit|noch zeit',
    wish: 'am besten|am liebsten|idealerweise|vorzugsweise|lieber|möglichst|gern schon|gerne schon|wenn möglich|besser noch|bestenfalls|am besten gleich|am besten schon|am besten noch|am liebsten schon|lieber schon|besser schon',
    event:
      'sitzung|besprechung|treffen|treffen uns|eröffnung|besuch|findet statt|statt|stattfinden|ankunft|kommt an|gebucht|geplant|konzert|workshop|konferenz|seminar|schulung|kurs|feier|fest|mittagessen|empfang|urlaub|ferien|termin|gespräch|anruf|ausstellung|messe|reise|abfahrt|beginnt|beginn|start|startet|geburtstag|vortrag|probe|begehung|lieferung|geliefert|veranstaltung|tagung|meeting|versammlung|führung|abendessen|hochzeit|webinar|einweihung|jubiläum|vernissage|tag der offenen tür|läuft|öffnet|liefern',
    placeAt: 'im|in|in der|in den|in unserer|in unserem|bei|beim|an der|auf dem|auf der',
    placeLabel: 'ort|wo|raum|treffpunkt|veranstaltungsort',
    withWhom: 'mit',
    peopleLabel: 'teilnehmer|teilnehmende|mit|anwesend',
    past: 'war|waren|wurde|wurden|seit|erhalten|erhielten|eingegangen|gesendet|geschickt|letzten|besprochen|bestellt|gekauft|geliefert|angekommen|hatte|hatten|gekommen|stattgefunden|bezahlt|unterschrieben|vereinbart|verschickt|gestellt|gemeldet|geschrieben|habe ich|haben wir|gestern',
    issue:
      'vom|datiert|ausgestellt|ausgestellt am|datum|rechnungsdatum|stand|erstellt am|aus|bestelldatum|schreiben vom|rechnung vom|mail vom|angebot vom|angelegt am|version',
    absence:
      'abwesend|nicht im büro|im urlaub|auf reisen|geschlossen|nicht erreichbar|wieder erreichbar|wieder im büro|krank|öffnungszeiten|sprechzeiten|geöffnet|wieder da|außer haus|in elternzeit|bürozeiten|sind … weg|bin … weg|ist … weg|verreist|unterwegs|nicht da|sind wir weg|bin ich weg|gesperrt|schließen wir|wir schließen',
    needless: 'nichts|nicht nötig|brauchst nicht|brauchen nicht|nicht zu',
    delivered:
      'wird … geliefert|werden … geliefert|wird … zugestellt|in zustellung|trifft … ein|treffen … ein|bei ihnen sein|bei dir sein|bei ihnen ein|ihnen zugestellt',
    commit:
      'ich werde|wir werden|ich schicke|wir schicken|ich sende|wir senden|ich melde mich|wir melden uns|ich kann|wir können|ich bin dann|ich habe vor|wir planen|ich plane|wir liefern|ich liefere|sie erhalten|ihr erhaltet|du erhältst|du bekommst|sie bekommen|erhalten sie|bekommen sie|wird geliefert|wird versandt|wird ihnen|ich komme|wir kommen|ich gebe ihnen',
    future: 'folgen|folgt|in der Regel|normalerweise|üblicherweise|wird|werden',
    state:
      'bleibt|bleiben|gilt|gelten|gültig|dauert|dauern|verfügbar|erhältlich|lieferbar|garantie|gewährleistung|einsehbar|abrufbar|abgerufen|zu sehen|im angebot|vorrätig|läuft|laufen|versichert|aufbewahrt|zeigt|zeigen|in kraft|garantiert|ausverkauft|bestellbar|gibt es|es gibt|geöffnet|eingesehen|besichtigt|besucht|genutzt|aus|außer betrieb|defekt|kaputt|schlussverkauf|ausverkauf|rabattaktion|abverkauf',
    offer:
      'angebot|angebots|kostenvoranschlag|offerte|rabatt|skonto|gutschein|code|frühbucher|preis|option|reservierung|einladung|umfrage|abstimmung|befragung|wahl|preise',
    coming: 'komm|kommt|kommen|teilnehmen|einladen|eingeladen|lade|laden',
    move: 'verschoben|verschiebt|verlängert|verlegt|vorgezogen|vorverlegt|neuer termin|neue frist|neues datum|neue deadline|korrektur|stattdessen|doch erst|doch schon|jetzt am|nun am|nun bis|jetzt bis|doch lieber|besser|gemeint war|doch bis|verlängern|verlängere|verschieben|verschiebe|erst am|erst bis|vorziehen|verlegen',
    change: 'geändert|ändert sich',
    instead: 'statt|anstatt|anstelle von|statt am|statt bis|nicht|nicht mehr|nicht am|und nicht',
    lift: 'brauchst du nicht mehr|brauchen sie nicht mehr|nicht mehr machen|nicht mehr erledigen|nicht mehr nötig|nicht mehr notwendig|nicht mehr erforderlich|nicht mehr benötigt|brauchen wir nicht mehr|brauche ich nicht mehr|nicht länger nötig|nicht mehr gebraucht|hat sich erledigt|ist erledigt|bereits erledigt|schon erledigt|gegenstandslos|ist hinfällig|hinfällig|entfällt|zurückgezogen|storniert|abgesagt|musst du nicht mehr|müssen sie nicht mehr|müsst ihr nicht mehr|nicht mehr zu schicken|nicht mehr senden|nicht mehr schicken|betrachten sie dies als erledigt|vergiss die|sie müssen nichts tun|du musst nichts tun|ihr müsst nichts tun|sie brauchen nichts zu tun|du brauchst nichts zu tun|nichts weiter zu tun|nichts zu tun|sie müssen nichts weiter|keine weiteren schritte|nichts zu veranlassen|ist nichts zu tun|keine antwort nötig|musst … nicht mehr|müssen … nicht mehr|müsst … nicht mehr|brauchst … nicht mehr|brauchen … nicht mehr|braucht … nicht mehr|du musst nichts weiter tun|sie müssen nichts weiter tun|ihr müsst nichts weiter tun|vergiss|vergesst|vergessen sie die|vergessen sie das',
    otherwise: 'sonst|ansonsten|andernfalls|anderenfalls',
    optional:
      'widerrufen|widerrufsrecht|kostenlos stornieren|kostenfrei stornieren|kostenlos stornierbar|kostenlos umbuchen',
  },
  requests: {
    please:
      'bitte|freundlicherweise|wenn möglich|falls möglich|danke|vielen dank|nach möglichkeit|gerne|mal|doch|auch|und|dann|noch|nun|also|im voraus|netterweise|kurz',
    frames,
    self: 'ich muss|ich sollte|ich soll|muss ich|sollte ich|ich müsste|ich darf nicht vergessen,',
    toDo: 'muss noch|noch zu erledigen:|zu erledigen:|nicht vergessen:|müssen noch|todo:',
    announce:
      'wir möchten sie daran erinnern, dass|wir möchten daran erinnern, dass|wir erinnern daran, dass|wir erinnern sie daran, dass|bitte beachten sie, dass|bitte beachtet, dass|bitte denken sie daran, dass|bitte denkt daran, dass|wir weisen darauf hin, dass|wir weisen sie darauf hin, dass|zur erinnerung:|hiermit teilen wir mit, dass|hiermit teilen wir ihnen mit, dass|wir teilen ihnen mit, dass|denkt daran, dass|denk daran, dass|ich erinnere daran, dass|nur zur erinnerung:|kurze erinnerung:|wir informieren sie, dass|wir möchten sie informieren, dass|wir informieren … dass|wir weisen … darauf hin, dass|wir teilen … mit, dass',
    arrive:
      'eingehen|eingegangen sein|vorliegen|eintreffen|eingetroffen sein|ankommen|da sein|hier sein|bei uns sein|angekommen sein|zugehen|zugegangen sein|in unseren händen sein|bei … sein',
    is: 'ist|war|endet|läuft|fällt|wurde|wird',
    forAction: 'für|zur|zum',
    actionNouns:
      'antwort antworten|rückgabe zurückgeben|freigabe freigeben|abgabe abgeben|vorlage vorlegen|rückruf zurückrufen|anruf anrufen|unterschrift unterschreiben|zusage zusagen|absage absagen|angabe angeben|durchsicht durchsehen|weitergabe weitergeben|eingabe eingeben|auskunft mitteilen|bewerbung bewerben|anmeldung anmelden|einsendung einsenden|abstimmung abstimmen',
    may: 'sie können|du kannst|ihr könnt|können sie|kannst du|sie dürfen|du darfst|muss sich|müssen sich|müssen|muss|haben|können wir|könnten wir|wollen wir|dürfen wir|sollten wir|wir sollten',
    needs,
    othersNeed:
      'braucht|brauchen|benötigt|benötigen|verlangt|verlangen|wünscht|wünschen|erwartet|erwarten|möchte|möchten|wartet auf|warten auf|fordert|fordern|bittet um|bitten um',
    unless: 'falls|sollten|sollte|sofern|wenn',
    whoever:
      'alle, die|diejenigen, die|die von euch, die|diejenigen unter euch, die|wer|alle die|diejenigen die|derjenige der',
    letArrive: 'zukommen lassen',
    can: 'kannst du|können sie|könnt ihr',
    withoutDoing: 'es sei denn',
    auxiliary: 'ist|sind|wird|werden|wurde|wurden|sein|hat|haben',
    pay: 'Bezahlen',
    ifYou: 'wenn sie|wenn du|wenn ihr|falls sie|falls du|sofern sie',
    presents:
      'ich hänge|anbei|beiliegend|anliegend|hier ist|hier sind|hier kommt|hier kommen|im anhang finden sie|im anhang findest du|im anhang ist|beigefügt|ich schicke dir|ich schicke ihnen|ich sende ihnen|wir senden ihnen|hiermit erhalten sie|sie erhalten anbei',
    writerFirst: 'ich|wir',
    answer: 'Beantworten',
    answers: 'antworten|beantworten',
    bills:
      'rechnung|betrag|gebühr|gebühren|beitrag|miete|rate|anzahlung|prämie|restbetrag|summe|steuer|zahlung|umlage|saldo',
    yours: 'ihr|ihre|ihren|ihrer|ihres|ihrem|dein|deine|deinen|deiner|euer|eure|euren|eurer',
    awaits: 'erwarten|erwarte|warten|warte|rechnen|rechne|freuen uns auf|freue mich auf',
    mayPassive: 'kann|können|darf|dürfen|kann noch|können noch',
    provide: 'Senden',
    passive:
      'muss|müssen|sollte|sollten|soll|sollen|ist zu|sind zu|ist|sind|ist noch|sind noch|muss noch|müssen noch|soll noch|müsste|müssten|ist bitte|sind bitte|muss bitte',
    courtesy:
      'eine Frage|eine kurze Frage|noch eine Frage|ein Anliegen|erhalten|zögern sie nicht|zögere nicht|beachten sie|beachte|beachten|finden sie|anbei|im anhang finden|entschuldigen sie|entschuldige|entschuldigt|nehmen sie zur kenntnis|wenden sie sich|wende dich|antworten sie nicht auf|nicht antworten|haben sie verständnis|bei fragen|bei rückfragen|für rückfragen|verstehen sie|wundern sie sich nicht|grüßen sie|ignorieren sie|bleiben sie gesund|denken sie an die umwelt|melden sie sich bei fragen|seien sie versichert|löschen sie diese|falls sie fragen|habt verständnis|sagen wir|sagen wir mal|klingeln sie einfach|auf sie|auf dich|auf euch|von ihnen zu hören|von dir zu hören|hier können sie sich abmelden|bis bald|bis dann|besuchen kommen|uns besuchen|danke, dass|vielen dank, dass|danke dass|sie sollten … erhalten|du solltest … bekommen',
    that: 'dass',
    relative: 'die|das|den|der|dem|was',
    gets: 'findet|finden|bekommt|bekommen|erhält|erhalten|kriegt|hat|haben|ist|sind|kann|können|darf|dürfen|zahlt|spart|verliert',
    someone: 'Hilfe|eine Vertretung|Freiwillige|jemand|jemanden',
    states: 'haben|sein|wissen|bekommen|erhalten',
    goes: 'ginge das|geht das|wäre das möglich|ist das möglich|klappt das|schaffst du das|schaffen sie das|ließe sich das machen|lässt sich das machen',
    generic:
      'sag|sagen|sage|melden|melde|antworten|antworte|bescheid|erledigen|erledige|kümmern|kümmere|bearbeiten|machen|mach|übernehmen|übernimm|regeln|wissen|schaffen|hinkriegen|tun|tu',
    looks:
      'draufschauen|reinschauen|drüberschauen|nachschauen|draufsehen|reinsehen|sehen|ansehen|schauen|anschauen',
    glances: 'werfen einen blick|einen blick werfen|einen blick darauf werfen',
    verbs,
    moreVerbs,
    bring: 'mitbringen|mitnehmen|bringen|anziehen|vorbeibringen',
    homographs:
      'frage|suche|teile|stelle|drucke|druck|laden|plan|kauf|ruf|test|schreiben|antworten|antwort|fahrt|messe|wahl|kommt|leite|sicher|sichere',
    determiners:
      'der|die|das|den|dem|des|ein|eine|einen|einem|einer|mein|meine|meinen|unser|unsere|unseren|dein|deine|deinen|euer|eure|euren|ihr|ihre|ihren|diesen|diese|dieses|alle|beide|jeden|jede|mir|uns|ihm|ihnen|sie|es|ihn|mich|bitte|doch|mal|noch|jemanden|jemand|alles',
    forms:
      'gib geben|gibst geben|lies lesen|liest lesen|nimm nehmen|nimmst nehmen|hilf helfen|hilfst helfen|miss messen|sieh sehen|siehst sehen|sprich sprechen|sprichst sprechen|wirf werfen|wirfst werfen|entwirf entwerfen|entwirfst entwerfen|vergiss vergessen|tritt treten|empfiehl empfehlen|brich brechen|triff treffen|triffst treffen|trägst tragen|fährst fahren|hältst halten|behältst behalten|lädst laden|übermittle übermitteln|sammle sammeln|regle regeln|wechsle wechseln|tu tun',
    third:
      'gibt geben|nimmt nehmen|hilft helfen|sieht sehen|spricht sprechen|wirft werfen|vergisst vergessen|trifft treffen|trägt tragen|fährt fahren|hält halten|lädt laden|empfängt empfangen|übernimmt übernehmen|lässt lassen|schlägt schlagen|wäscht waschen|läuft laufen|bespricht besprechen|verspricht versprechen|erhält erhalten|behält behalten',
    participles:
      'gebracht bringen|unterschrieben unterschreiben|geschrieben schreiben|abgebrochen abbrechen|befohlen befehlen|begonnen beginnen|gebeten bitten|geblieben bleiben|gebogen biegen|gebunden binden|gebraten braten|gebrochen brechen|gedacht denken|gedrungen dringen|empfangen empfangen|empfohlen empfehlen|entschieden entscheiden|gefahren fahren|gefallen fallen|gefangen fangen|gefunden finden|geflogen fliegen|gegangen gehen|gegeben geben|gegessen essen|gegossen gießen|geglichen gleichen|gegraben graben|gegriffen greifen|gehalten halten|gehangen hängen|gehoben heben|geholfen helfen|gekannt kennen|geklungen klingen|gekommen kommen|gekrochen kriechen|geladen laden|gelassen lassen|gelaufen laufen|gelegen liegen|gelesen lesen|geliehen leihen|gelitten leiden|gemessen messen|genannt nennen|genommen nehmen|gepfiffen pfeifen|geraten raten|gerissen reißen|geritten reiten|gerufen rufen|geschieden scheiden|geschienen scheinen|geschlafen schlafen|geschlagen schlagen|geschlichen schleichen|geschliffen schleifen|geschlossen schließen|geschmissen schmeißen|geschmolzen schmelzen|geschnitten schneiden|geschoben schieben|geschossen schießen|geschwommen schwimmen|gesehen sehen|gesessen sitzen|gesprochen sprechen|gesprungen springen|gestanden stehen|gestiegen steigen|gestohlen stehlen|gestrichen streichen|gestritten streiten|gesucht suchen|gesungen singen|getan tun|getragen tragen|getreten treten|getrieben treiben|getroffen treffen|getrunken trinken|gewaschen waschen|gewichen weichen|gewiesen weisen|gewogen wiegen|geworben werben|geworfen werfen|gewonnen gewinnen|gewusst wissen|gezogen ziehen|gezwungen zwingen|vergessen vergessen|verglichen vergleichen|verloren verlieren|vermieden vermeiden|unterbrochen unterbrechen|übernommen übernehmen|überwiesen überweisen|behoben beheben|beschrieben beschreiben|besprochen besprechen|beworben bewerben|bezogen beziehen|entworfen entwerfen|erhalten erhalten|erhoben erheben|erschienen erscheinen|verschoben verschieben|verschrieben verschreiben|versprochen versprechen|vertreten vertreten|verbunden verbinden|verliehen verleihen|verwiesen verweisen',
    compounds: true,
    verbLast: true,
    particles:
      'zurück|ab|an|ein|aus|mit|vor|zu|nach|weiter|bei|fest|durch|auf|um|her|hin|frei|hoch|bereit|fertig|teil|sicher|zusammen|vorbei|herunter|los|rüber|rück|gegen|entgegen|statt|wieder|dar|wahr|heraus|herein|hinein|hinaus|runter|raus|rein|klar|still|bekannt|nieder|über|leer|offen|zurecht|vorab',
    indirect: 'uns|mir|ihm|ihnen|sie|du|ihr|an uns|an mich|dir|euch|mich|sich',
    fillers:
      'bitte|doch|mal|noch|auch|dann|gerne|gern|uns|mir|kurz|nun|jetzt|einmal|wieder|möglichst|dringend|darum|daran|umgehend|zeitnah|dazu|hierzu|freundlicherweise|alle|sich|einfach|vielleicht|direkt|zunächst|zuerst|bei gelegenheit|später|danach|dann gleich|gleich|gleich auch',
    clitics: '',
    elliptic:
      'beides|alle drei|alle vier|das alles|dies alles|diese Unterlagen|diese Angaben|diese Dokumente|diese Informationen|einen neuen|eine neue|ein neues|neue|einen|eine|eins|welche|einige|ein paar|noch einen|noch eine|noch eins|ersatz|einen ersatz|den rest|deine|deinen|ihre|ihren|eure|euren|beide|alle|alles|davon|eine andere|einen anderen|das|dies|es|sie|ihn|diese|diesen|welchen|ihres|deins|eures|meins|deines|darum|dafür|sich darum',
    pronouns: 'es|ihn|das|dies|sie|diese|diesen|dieses',
    reason:
      'damit|so dass|sodass|weil|da wir|da ich|da die|da der|da das|denn|um zu|sonst|ansonsten|bevor|wonach|die wir|die ich|den wir|das wir|andernfalls|aber|vielen dank|danke|besten dank|herzlichen dank|da sonst|oder wir|oder ich|und ich|und wir|sonst fährt|oder der|oder die|oder das|dann fang ich|dann fange ich|dann kann ich|dann können wir|dann käme|bisher|bislang',
    negation: 'nicht|kein|keine|keinen|keiner|nie',
    nothing: 'nichts',
    polite: 'bitte|freundlicherweise|doch|doch bitte|doch mal|mal',
    modals: 'kann|könnten|könntest|könnte|könnt|können|kannst|würden|würdest|würde|möchten|sollten|solltest',
    be: 'werden|sein',
    once: 'sobald|wenn|nachdem|bevor|ehe|solange',
    condition: 'falls|wenn|sollten sie',
    goal: 'um',
    so: 'so|also|daher|deshalb|darum',
    sum: 'summe|gesamt|gesamtsumme|zwischensumme|gesamtbetrag|insgesamt',
    finished: 'erledigt|fertig|ja|ok|x',
    afterNoun: 'ist|war|sind|für|von|vom',
    writer: 'ich|wir',
    you: 'Sie|du|ihr',
    doForMe: '',
    beforeOrder: '',
    and: 'und|sowie',
    assigns: 'soll|wird',
    aside:
      'also am|also bis|also spätestens|d. h.|wenn|welche|welcher|welches|falls|sobald|sofern|ich|wir|er|sie|es|der|die|das|unser|danach|dann|anschließend|hinterher|später|nachher|ich werde|wir werden|und dann|das heißt|d.h.|und ich|und wir|wäre|wären|würde|würden|das wäre',
    fromNowOn:
      'sofort lieferbar|sofort verfügbar|ab sofort|sofort erhältlich|ab sofort|sofort verfügbar|sofort lieferbar|kann sofort|gleich nach|sofort nach|direkt nach|unmittelbar nach|sofort danach',
    levels: { high: 'hoch', medium: 'mittel', low: 'niedrig|gering' },
    high: 'dringend|eilig|asap|so schnell wie möglich|schnellstmöglich|sofort|umgehend|höchste priorität|hohe priorität|kritisch|eilt|priorität: hoch|sehr wichtig|unverzüglich|brandeilig|notfall|priorität hoch|schnellstens|so bald wie möglich|baldmöglichst|top-priorität|oberste priorität|zeitkritisch|hochdringend|pressiert|drängt|sehr eilig|ohne verzug|höchste dringlichkeit|auf der stelle|allerhöchste|super dringend|schleunigst|akut',
    medium:
      'mittlere priorität|normale priorität|priorität: mittel|priorität: normal|priorität mittel|mittel dringend',
    low: 'keine eile|nicht dringend|nicht eilig|eilt nicht|niedrige priorität|geringe priorität|wenn du zeit hast|wenn sie zeit haben|wenn du mal zeit hast|bei gelegenheit|priorität: niedrig|gelegentlich|lassen sie sich zeit|lass dir zeit|hat zeit|priorität niedrig|wann immer es passt|ohne eile|kein stress|in aller ruhe|keine dringlichkeit|drängt nicht|wenn es dir passt|wenn es ihnen passt|sobald du eine minute hast|eilt überhaupt nicht|eilt gar nicht|wenn du luft hast|wenn sie luft haben|wenn du mal luft hast|irgendwann|keine große eile|keine besondere eile|eilt nicht besonders',
    taskHeading:
      'aufgaben|aufgabe|to-do|todo|todos|to-dos|nächste schritte|maßnahmen|offene punkte|zu erledigen|bitte|könnten sie|könntest du|könnt ihr|kannst du|folgendes|wir brauchen|noch offen|beschlüsse und aufgaben|was zu tun ist|checkliste|arbeitsliste|aktionspunkte|arbeiten|folgende|pendenzen|erledigungen|einige dinge|ein paar dinge|bis dahin',
    otherHeading:
      'anleitung|so geht es|so funktioniert|agenda|tagesordnung|preise|preisliste|öffnungszeiten|programm|ablauf|speisekarte|teilnehmer|anwesend|anhänge|inhalt|themen|bestellübersicht|neuigkeiten|kontakt|leistungen|enthalten|im preis enthalten|entschuldigt|erledigt|zur info|zutaten|artikel|zeitplan|adresse|produkte|termine|kosten|honorare|gebühren',
    action:
      'aufgabe|maßnahme|was|todo|to-do|tätigkeit|aktion|punkt|thema|beschreibung|arbeit|schritt|aktivität|auftrag',
    owner:
      'wer|verantwortlich|zuständig|person|bearbeiter|name|verantwortung|durch|verantwortliche|durch wen',
    when: 'bis|frist|fällig|termin|bis wann|wann|datum|deadline|fällig am|fälligkeit|erledigen bis|zieltermin',
    done: 'status|erledigt|stand|fertig|fortschritt|zustand|ok',
  },
  mail: {
    greeting:
      'werte|liebes|sehr geehrte|sehr geehrter|liebe|lieber|hallo|guten tag|guten morgen|moin|hi|servus|grüezi|grüß gott|liebes|guten abend|hallo zusammen|hey|morgen',
    signOff:
      'mit freundlichen grüßen|freundliche grüße|viele grüße|beste grüße|liebe grüße|herzliche grüße|schöne grüße|mfg|vg|lg|gruß|grüße|mit besten grüßen|mit freundlichem gruß|vielen dank|danke|besten dank|mit herzlichen grüßen|bis bald|hochachtungsvoll|herzlich|bg|viele liebe grüße|mit lieben grüßen|dank und gruß|freundlicher gruss|freundliche grüsse|herzlichst|ihre|ihr|euer|dein|deine|mit freundlichen grüssen|sonnige grüße',
    signOffFrom: 'aus|von',
    mobile: 'von meinem|gesendet von|gesendet mit|diese nachricht wurde von meinem',
    legal:
      'vertraulich|vertrauliche|rechtlich geschützte|empfänger|nicht der richtige adressat|irrtümlich erhalten|unbefugte|vernichten sie|geschäftsführer|amtsgericht|handelsregister|registergericht|hrb|ust-idnr|sitz der gesellschaft|denken sie an die umwelt|haftungsausschluss|weitergabe|bevor sie diese e-mail ausdrucken|aufsichtsrat|steuernummer|irrtümlich|nicht für sie bestimmt|informieren sie bitte den absender|vernichten|unbefugt|datenschutzerklärung|bestimmungsgemäße|inhalt dieser|umwelt zuliebe|ust-id|registernummer|vorstand|gerichtsstand',
    unsubscribe:
      'abmelden|abbestellen|newsletter|mailingliste|sie erhalten diese|im browser ansehen|datenschutz|abmeldelink|wenn sie keine weiteren|austragen|benachrichtigungseinstellungen|im browser öffnen|einstellungen verwalten',
    external:
      'externe e-mail|externer absender|externe mail|externer email|von außerhalb|nicht aus unserer organisation|externe nachricht|stammt von einem externen|keine links anklicken|von extern|außerhalb der organisation|extern gesendet|erhalten nicht oft',
    automatic:
      'abwesenheitsnotiz|automatische antwort|abwesenheit|unzustellbar|nicht zustellbar|lesebestätigung|autoreply|abwesenheitsmeldung|automatische benachrichtigung über|gelesen:|zustellung fehlgeschlagen',
  },
};
