import { frames, needs } from '../frames/it.ts';
import type { Language } from '../language.ts';
import { moreVerbs, verbs } from '../verbs/it.ts';

export const it: Language = {
  code: 'it',
  common:
    'il|lo|la|i|gli|le|e|di|del|della|dei|è|per|lei|voi|suo|sua|vostro|noi|nostro|nostra|con|da|che|questo|questa|favore|ha|sarà|sono|essere|in|al|alla|potrebbe|può|non|un|una|se|o|io|mio|mia|mi|ci|buongiorno|grazie|entro|come|più|nel|nella|nei|nelle|dal|dalla|sul|sulla|dei|delle|degli|della|alla',
  months: [
    'gennaio|gen',
    'febbraio|feb',
    'marzo|mar',
    'aprile|apr',
    'maggio|mag',
    'giugno|giu',
    'luglio|lug',
    'agosto|ago',
    'settembre|set|sett',
    'ottobre|ott',
    'novembre|nov',
    'dicembre|dic',
  ],
  weekdays: ['lunedì', 'martedì', 'mercoledì', 'giovedì', 'venerdì', 'sabato', 'domenica'],
  shortDays: ['lun', 'mar', 'mer', 'gio', 'ven', 'sab', 'dom'],
  numbers:
    '1 un|1 una|1 uno|2 due|3 tre|4 quattro|5 cinque|6 sei|7 sette|8 otto|9 nove|10 dieci|12 dodici|14 quattordici|15 quindici|20 venti|30 trenta',
  ordinals: [
    'primo|in primo luogo|prima di tutto|innanzitutto|per prima cosa',
    'secondo|in secondo luogo|per seconda cosa',
    'terzo|in terzo luogo',
    'quarto|in quarto luogo',
    'quinto',
    'sesto',
    'poi|dopo|inoltre|successivamente|quindi|in seguito',
    'infine|per ultimo|per finire|da ultimo',
  ],
  dates: {
    today: 'oggi|oggi stesso|stasera|questa sera|questo pomeriggio|stamattina',
    tomorrow: 'domani|domani mattina|domani sera|domani pomeriggio|domattina',
    dayAfterTomorrow: 'dopodomani|dopo domani',
    yesterday: 'ieri|l’altro ieri|avantieri',
    next: 'prossimo|prossima|prossimi|seguente|successivo|successiva|della prossima settimana',
    coming: 'questo|questa|in arrivo|che viene|corrente|di questa',
    comes: 'che viene',
    last: 'scorso|scorsa|ultimo|ultima|passato|passata',
    hour: 'ora|ore',
    day: 'giorno|giorni|giorni di calendario|gg',
    workday: 'giorno lavorativo|giorni lavorativi|giorni feriali|giorno feriale',
    week: 'settimana|settimane',
    fortnight: 'quindicina|quindici giorni',
    month: 'mese|mesi',
    quarter: 'trimestre',
    year: 'anno|anni',
    endOf:
      'fine|la fine di|fine di|la fine del mese di|fine mese di|l’ultimo giorno di|ultimo giorno di|che finisca',
    middleOf: 'metà|la metà di|metà di',
    startOf: 'inizio|l’inizio di|inizio di|i primi di|all’inizio di|inizi di',
    weekEnd:
      'fine settimana|fine della settimana|la fine della settimana|fine di questa settimana|la fine di questa settimana|il fine settimana|weekend|fine di settimana',
    monthEnd:
      'fine mese|fine del mese|la fine del mese|fine di questo mese|la fine di questo mese|fine mese corrente',
    yearEnd: 'fine anno|fine dell’anno|la fine dell’anno|fine di quest’anno|la fine di quest’anno',
    within:
      'entro|entro e non oltre|nel giro di|tra|fra|in|nei prossimi|nelle prossime|entro i prossimi|entro un massimo di|entro il termine di|nell’arco di|un termine di|il termine di|nel corso di',
    fromNow:
      'da oggi|dalla ricezione|dal ricevimento|a partire da oggi|dalla data|dal ricevimento della presente|di tempo|dalla presente',
    agoBefore: '',
    agoAfter: 'fa',
    article: 'il|lo|la|l’|i|gli|le',
    of: 'di|del|della|dell’|,',
    ordinalMark: 'º|°',
    dayOfMonth: 'il|il giorno|al|dal|entro il|prima del|per il|al giorno',
    at: 'alle ore|alle|ore|all’|entro le|verso le|entro le ore|prima delle|,',
    clock: 'ore|h',
    atHour: 'alle|alle ore|ore|entro le|entro le ore',
    afternoon: 'del pomeriggio|di sera',
    weekdayPart: '',
    weekLater: 'a otto',
    time: 'tempo|volta|volte',
    weeks: 'settimane|mesi|giorni',
    thatDay:
      "entro allora|entro quella data|prima di allora|prima di quella data|prima di quel giorno|quel giorno|entro quel giorno|per allora|per quella data|prima di quell'ora|entro quell'ora|lo stesso giorno|fino ad allora",
    beforeThen: 'prima|entro allora',
    dayBefore:
      'il giorno prima|il giorno precedente|la sera prima|la vigilia|un giorno prima|alla vigilia|la sera precedente|il pomeriggio prima',
    before: 'prima|di anticipo|in anticipo|antecedenti',
    noon: 'mezzogiorno',
    dayPart:
      'fine giornata|fine della giornata|la fine della giornata|fine orario|chiusura|di mattina|di pomeriggio|di sera|mattina|mattino|pomeriggio|sera|notte|mezzanotte|in giornata|in mattinata|mattinata|serata|la chiusura degli uffici',
    nth: '1 primo|1 prima|2 secondo|2 seconda|3 terzo|3 terza|4 quarto|4 quarta|-1 ultimo|-1 ultima',
    nthOf: 'di|del|di ogni',
    feasts:
      '0 giovedì santo|1 venerdì santo|2 domenica di pasqua|2 pasqua|3 lunedì di pasqua|3 pasquetta|3 lunedì dell’angelo|4 ascensione|5 pentecoste|6 lunedì di pentecoste|7 vigilia di natale|8 natale|8 giorno di natale|9 san silvestro|9 notte di san silvestro|10 capodanno',
    weekNumber: 'settimana|settimana n.|settimana numero',
    from: 'dal|da|tra il|tra|fra il|fra|dalle',
    to: 'al|a|e il|e|fino al|alle|-',
    begins: 'dal|a partire dal|da|a decorrere dal|a partire da|dall’',
    every:
      'ogni|tutti i|tutte le|quotidiano|settimanale|mensile|giornalmente|il lunedì mattina|di lunedì|di martedì|di mercoledì|di giovedì|di venerdì|nei giorni feriali|giorni feriali|nei feriali',
    or: 'o|oppure',
  },
  cues: {
    by: 'va benissimo|va bene|basta|è sufficiente|basterebbe|andrebbe bene|valido fino al|valida fino al|ha tempo fino al|hai tempo fino al|avete tempo fino al|tempo fino al|entro|entro il|entro la|entro le|entro e non oltre|entro e non oltre il|al più tardi|al più tardi il|al più tardi entro|non oltre il|non oltre|prima del|prima di|prima della|scadenza|scadenza il|scadenza è il|la scadenza è il|la scadenza è fissata al|la scadenza è|con scadenza il|con scadenza|scade il|scade|scadono il|termine|termine ultimo|il termine è il|il termine è|termine ultimo il|data limite|data di scadenza|chiude il|chiudono il|si chiude il|si chiudono il|si conclude il|termina il|da consegnare il|consegna il|rsvp|rsvp entro|deadline|deadline il|la deadline è il|non più tardi del|non più tardi di|massimo|massimo entro|fissato per il|improrogabilmente entro|tassativamente entro|l’ideale sarebbe|l’ideale sarebbe il|prima che',
    until:
      'fino alla|fino all’|fino ai|fino agli|fino alle|fino allo|valido fino al|valida fino al|fino a|prima che|per|per il|fino al|nei prossimi|nelle prossime',
    on: 'il|per il|del|al|questo|questa|è il|è|in|a|la|di|giorno|alle|lo|dal|l’',
    latest:
      'al più tardi|al massimo|come termine ultimo|è la scadenza|è il termine|è l’ultimo giorno|o prima|improrogabilmente|massimo|basta|va bene|è sufficiente|sarebbe perfetto|andrebbe bene|va benissimo',
    dueNoun:
      'chiude|chiudono|scadenza|scade|termine|termine ultimo|data limite|data di scadenza|ultimo giorno|da pagare|scaduto|scaduta|chiusura|consegna|deadline|entro|data di consegna|pagamento entro|limite|in scadenza|termine di consegna|ultima data|data ultima',
    ahead: 'prima di|prima che|prima del|prima della|prima dell’|in tempo per',
    purpose:
      'a|alla|al|per|prima di|in tempo per|prima della|prima del|in vista di|in vista della|prima di|prima che|prima del|prima della|prima dell’|in tempo per',
    must: 'deve|devono|devi|dovete|dovrà|dovranno|dev’essere',
    should: 'dovrebbe|dovrebbero',
    obligation:
      'può|puoi|potete|possibile|si accettano|deve|devono|dobbiamo|devi|dovete|bisogna|occorre|occorrono|serve|servono|necessario|necessaria|obbligatorio|richiesto|richiesta|dovrebbe|dovrebbero|vorrei|vorremmo|abbiamo bisogno|ho bisogno|aspettiamo|attendiamo|si ricordi|ricordati|ricordatevi|non dimenticare|non dimentichi|ci serve|mi serve|è da|va|vanno|è necessario|ci servono|mi servono|possono|potrà|potranno|dovrebbe|dovrebbero',
    ifHad:
      'se … mi arrivasse|se … ci arrivasse|se avessi|se avessimo|se ricevessi|se ricevessimo|se lo avessi|se la avessi|se potessi avere',
    accepts: 'accettiamo|si accettano|sono accettati|sono accettate',
    given:
      'ha tempo|hai tempo|avete tempo|ha ancora|hai ancora|avete ancora|ha|hai|avete|dispone|disponete|le restano|ti restano|vi restano|vi resta|avrete|avrà|c’è tempo|hanno tempo|avrai|avranno|disporrà|c’è ancora tempo|ancora tempo',
    wish: 'preferibilmente|possibilmente|idealmente|se possibile|meglio se|meglio ancora|di preferenza|meglio già|possibilmente già',
    event:
      'riunione|incontro|inaugurazione|visita|avrà luogo|ha luogo|si terrà|si svolgerà|si tiene|arrivo|arriva|arriverà|prenotato|previsto|prevista|concerto|laboratorio|conferenza|seminario|formazione|corso|festa|pranzo|cena|ricevimento|ferie|vacanze|cerimonia|chiamata|colloquio|appuntamento|mostra|fiera|viaggio|partenza|comincia|inizia|inizio|compleanno|matrimonio|prova|sopralluogo|apertura|assemblea|sessione|evento|apre|convegno|invitiamo|festival|lezione|sarà consegnato|webinar|workshop',
    placeAt: 'in|nel|nella|nell’|al|alla|presso|allo|nello',
    placeLabel: 'luogo|dove|sala|sede',
    withWhom: 'con',
    peopleLabel: 'partecipanti|presenti|con',
    past: 'era|è stato|è stata|sono stati|ricevuto|abbiamo ricevuto|inviato|abbiamo inviato|scorso|scorsa|incontrati|parlato|ordinato|acquistato|consegnato|arrivato|aveva|avuto luogo|pagato|firmato|concordato|scritto|ieri|discusso|ho ricevuto|spedito|ho inviato|si è svolta|si è tenuta',
    issue:
      'data|datato|datata|in data|emesso|emessa|emesso il|emessa il|data di emissione|del|data fattura|creato il|fattura del|lettera del|mail del|messaggio del|pubblicato|versione|redatto|da',
    absence:
      'assente|fuori ufficio|in ferie|in vacanza|chiuso|chiusa|chiusi|non disponibile|sarò di ritorno|di ritorno il|orari di apertura|orario|aperto|aperta|aperti|in malattia|in permesso|rientro|rientrerò|non sarò|sarò fuori|torno|siamo via|sono via|è via|in viaggio|fuori città|chiuse',
    needless: 'nulla|niente|non serve|non occorre|non deve|non è necessario',
    delivered:
      'in consegna|sarà consegnato|sarà consegnata|verrà consegnato|verrà consegnata|arriverà|arriveranno|arrivarle|dovrebbe arrivare|esserle recapitato|dovrebbe giungere',
    commit:
      'vi invierò|le invierò|ti invierò|invierò|vi invieremo|le invieremo|invieremo|posso|possiamo|prevediamo|riceverà|riceverete|riceverai|consegneremo|sarò|saremo|sarà consegnato|sarà consegnata|sarà inviato|sarà spedito|vi informeremo|le farò sapere|vi faremo sapere|ti farò sapere|tornerò|passerò|passeremo|ti mando|vi mando|le mando|la richiamerò|saranno consegnati|verrà consegnato|verrà consegnata',
    future:
      'seguono|seguiranno|di solito|normalmente|di norma|sarà|saranno|verrà|verranno|resterà|resteranno',
    state:
      'resta|restano|resterà|resteranno|rimane|rimangono|rimarrà|disponibile|disponibili|valido|valida|validi|valide|vale|valgono|dura|durerà|garanzia|garantito|consultabile|esposto|esposta|in vendita|in vigore|assicurato|continua|accessibile|visitabile|in mostra|consultati|consultate|visitati|aperto|aperta|aperti|aperte|saldi',
    offer:
      'offerta|preventivo|sconto|buono|codice|tariffa|proposta|opzione|prenotazione|invito|promozione|quotazione|sondaggio|votazione|questionario|prezzo|prezzi',
    coming: 'venire|venga|vieni|partecipare|invitare|invitiamo|invitati',
    move: 'rinviato|rinviata|posticipato|posticipata|spostato|spostata|prorogato|prorogata|anticipato|anticipata|nuova data|nuova scadenza|nuovo termine|correzione|piuttosto|ora è|slitta|è slittata|è slittato|facciamo|intendevo|errata corrige|meglio|anziché|slittano|passa al|diventa|prorogiamo|rinviamo|posticipiamo|spostiamo|spostare|rinviare|posticipare|prorogare|anticipare',
    change: 'cambiato|cambiata|modificato|modificata',
    instead: 'invece di|invece che|invece del|e non|al posto di|anziché|e non il|anziché il|invece che il',
    lift: 'non è più necessario|non serve più|non occorre più|non abbiamo più bisogno|non ho più bisogno|non c’è più bisogno|annullato|annullata|è annullato|ignorate|già fatto|già risolto|lasci stare|lascia stare|lasciate perdere|lascia perdere|non è più richiesto|senza effetto|ritirato|non dovete più|non devi più|non deve più|non è più richiesta|non è più necessaria|come non ricevuta|non deve fare nulla|non devi fare nulla|non dovete fare nulla|non deve fare niente|non devi fare niente|non occorre fare nulla|nulla da pagare|niente da pagare|nulla da fare|nessuna azione|non … più bisogno|non dovrete più|non serviranno più|non servono più|non occorrono più|dimentica|dimenticate',
    otherwise: 'altrimenti|in caso contrario|in mancanza|diversamente',
    optional: 'recedere|recesso|annullare gratuitamente|annullare senza costi|disdire gratuitamente',
  },
  requests: {
    please:
      'per favore|per cortesia|cortesemente|gentilmente|se possibile|grazie|grazie mille|anche|inoltre|e|poi|quindi|per piacere|in anticipo|allora|se può|se puoi|ps',
    frames,
    self: 'devo|dovrei|ho da',
    toDo: 'da fare:|bisogna|non dimenticare di|ricordarsi di',
    announce:
      'le ricordiamo che|vi ricordiamo che|ti ricordo che|vi ricordo che|le ricordo che|si ricorda che|ricordiamo che|si comunica che|si informa che|la informiamo che|vi informiamo che|si rende noto che|si fa presente che|ricordate che|ricordi che|ricorda che|si avvisa che|tenga presente che|tenete presente che|promemoria:|vi comunichiamo che|le comunichiamo che|si informa … che|si comunica … che|si avvisa … che|si avvertono … che|si informano … che|si ricorda … che|informiamo … che|si noti che|si ricorda che',
    arrive:
      'pervenire|pervenirci|pervenirmi|arrivare|arrivarci|giungere|giungerci|essere in nostro possesso|essere nelle nostre mani',
    is: 'è|era|scade|termina|finisce|cade',
    forAction: "per|di|del|della|dell'|delle|dei",
    actionNouns:
      'ordine ordinare|ordini ordinare|prenotazioni prenotare|iscrizioni iscriversi|conferma confermare|invio inviare|consegna consegnare|risposta rispondere|firma firmare|restituzione restituire|trasmissione trasmettere|revisione rivedere|ritiro ritirare|riscontro rispondere|iscrizione iscrivere|bonifico versare|saldo saldare|iscrizioni iscrivere|partecipazione partecipare|votazione votare',
    may: '',
    needs,
    othersNeed:
      'ha bisogno di|hanno bisogno di|chiede|chiedono|richiede|richiedono|vuole|vogliono|attende|attendono|aspetta|aspettano|esige|esigono',
    unless: 'qualora|se|ove',
    whoever: 'quelle che|tutti coloro che|chi di voi|quanti|chi|coloro che|chiunque|quelli che',
    letArrive:
      'far pervenire|faccia pervenire|facesse pervenire|farci pervenire|facciano pervenire|fate pervenire|far avere|farci avere|faccia avere|facesse avere',
    can: 'può|puoi|potete|potrebbe|potreste|potresti',
    withoutDoing: 'a meno che|in caso di mancata|in mancanza di',
    auxiliary: 'è|sono|sia|siano|venga|vengano|viene|vengono|fosse|fossero|essere|resti|restino',
    pay: 'Pagare',
    ifYou: 'se|se ci|se lo|se la',
    presents:
      'ecco|in allegato|allego|le allego|ti allego|vi allego|le alleghiamo|vi alleghiamo|alleghiamo|le invio|ti mando|ti invio|le mando|trova in allegato|troverà in allegato',
    writerFirst: 'io|noi|vogliamo|voglio|vorremmo|vorrei|dobbiamo|devo|abbiamo',
    answer: 'Rispondere',
    answers: 'rispondere',
    bills:
      'fattura|importo|saldo|quota|affitto|acconto|rata|premio|imposta|tassa|somma|bolletta|canone|caparra',
    yours: 'suo|sua|suoi|sue|tuo|tua|tuoi|tue|vostro|vostra|vostri|vostre',
    awaits: 'aspettiamo|aspetto|attendiamo|attendo|in attesa',
    mayPassive:
      'può essere|possono essere|potrà essere|potranno essere|può ancora essere|possono ancora essere',
    provide: 'Inviare',
    passive:
      'deve essere|devono essere|dev’essere|va|vanno|dovrà essere|dovranno essere|è da|sono da|dovrebbe essere|dovrà esserci|dovranno esserci|deve esserci|devono esserci|andrà|andranno|dovrebbero essere|deve esser|deve venire|devono venire|deve risultare|dovranno risultare',
    courtesy:
      'una domanda|un quesito|ricevere|non esiti|non esitare|non esitate|notare che|tenere presente|tenga presente|tenere conto|trovare in allegato|trova in allegato|troverà|in allegato|accettare|accetti|scusare|scusi|scusate|scusa|non rispondere|pensare all’ambiente|per la comprensione|per l’attenzione|per la collaborazione|contattarci se|pensi all’ambiente|considerare|avere pazienza|per la disponibilità|di non rispondere|diciamo|facciamo|aver accettato|di aver accettato|vederla|incontrarla|sentirla|risentirla|averla|partire da|partire dal|partire dalla|cancella iscrizione|cancellati|segue|seguono|a presto|ci vediamo|la fiducia|la preferenza|la cortese attenzione|venire a trovarci|vieni a trovarci|venite a trovarci|grazie per aver|grazie di aver|grazie per|dovresti ricevere|dovrebbe ricevere|si noti che|si noti|si ricorda che|si rivolga|rivolgiti|rivolgersi|per domande|in caso di domande|in caso di dubbi',
    that: 'che',
    relative: 'che|di cui',
    gets: 'trova|troverà|troveranno|riceve|riceverà|riceveranno|ottiene|ha|hanno|è|può|possono|paga|avrà|avranno',
    someone: 'aiuto|volontari|una mano|qualcuno',
    states: 'avere|essere|sapere|ricevere|potere',
    goes: 'sarebbe possibile|è possibile|si può fare|ce la fai|ce la fa|va bene|è fattibile',
    generic:
      'dire|dimmi|dica|rispondere|rispondi|risponda|gestire|gestisci|gestisca|fare|fai|vedere|vedi|occuparsi|occupati|pensaci|provvedere|provvedi|sapere',
    looks: 'vedere|guardare',
    glances: 'dare un’occhiata|dare uno sguardo',
    verbs,
    moreVerbs,
    bring: 'portare|venire|indossare|portarsi',
    homographs:
      'firma|conferma|verifica|visita|consegna|consegni|prova|conta|copia|cambi|controlli|ordini|termini|porti|porta|saldi|misura|testa|cerca|stampa|modifica|passi|carica|carichi|sistema|contatti|registri|tratta|tratti|presenti|completa|versi|calcoli|pubblica|archivi|sia|invita|inviti|ritiri|acquisti',
    determiners:
      "il|lo|la|i|gli|le|l'|un|una|uno|un'|mio|mia|miei|mie|tuo|tua|tuoi|tue|suo|sua|suoi|sue|nostro|nostra|nostri|nostre|vostro|vostra|questo|questa|questi|queste|quel|quella|tutti|tutte|tutto|tutta|ogni|due|tre|al|alla|qualcuno",
    forms:
      'dimmelo dire|diccelo dire|fammelo fare|fammi fare|facci fare|dammi dare|dacci dare|dammelo dare|daccelo dare|faccia fare|fai fare|fate fare|facciano fare|facciate fare|far fare|dia dare|dai dare|date dare|diano dare|dica dire|dì dire|dite dire|dicano dire|venga venire|vieni venire|vengano venire|tenga tenere|tieni tenere|tengano tenere|mantenga mantenere|mantieni mantenere|ottenga ottenere|scelga scegliere|raccolga raccogliere|tolga togliere|proponga proporre|proponi proporre|disponga disporre|esponga esporre|traduca tradurre|traduci tradurre|produca produrre|riduca ridurre|riduci ridurre|conduca condurre|rimanga rimanere|vada andare|vai andare|sia essere|siate essere|stia stare|fammi fare|facci fare|fatemi fare|fateci fare|dimmi dire|dicci dire|ditemi dire|diteci dire|dammi dare|dacci dare|datemi dare|dateci dare|fallo fare|falla fare|dillo dire|dille dire|digli dire|dagli dare|dalle dare|fategli fare|stammi stare|facesse fare|dicesse dire|desse dare|scegli scegliere|togli togliere|raccogli raccogliere|dici dire|esci uscire|sali salire|muovi muovere|rimuovi rimuovere|siedi sedere|bevi bere|spegni spegnere',
    third:
      'fa fare|dà dare|dice dire|viene venire|tiene tenere|propone proporre|raccoglie raccogliere|sceglie scegliere|toglie togliere|traduce tradurre|produce produrre|riduce ridurre',
    participles:
      'promesso promettere|fatto fare|fatta fare|scritto scrivere|scritta scrivere|letto leggere|riletto rileggere|rivisto rivedere|rivista rivedere|reso rendere|resa rendere|chiuso chiudere|chiusa chiudere|trasmesso trasmettere|trasmessa trasmettere|rimesso rimettere|rimessa rimettere|risposto rispondere|tradotto tradurre|tradotta tradurre|aperto aprire|aggiunto aggiungere|aggiunta aggiungere|corretto correggere|corretta correggere|sottoscritto sottoscrivere|sottoscritta sottoscrivere|iscritto iscrivere|prodotto produrre|prodotta produrre|messo mettere|messa mettere|preso prendere|presa prendere|deciso decidere|richiesto richiedere|richiesta richiedere|disdetto disdire|raccolto raccogliere|speso spendere|messi mettere|trasmessi trasmettere|trasmesse trasmettere|ammesso ammettere|permesso permettere|promesso promettere|emesso emettere|emessa emettere|presi prendere|prese prendere|chiusi chiudere|chiuse chiudere|aperta aprire|aperti aprire|coperto coprire|offerto offrire|scelto scegliere|scelta scegliere|scelti scegliere|tolto togliere|tolta togliere|tolti togliere|tolte togliere|raccolta raccogliere|raccolti raccogliere|raccolte raccogliere|accolto accogliere|risolto risolvere|risolta risolvere|svolto svolgere|svolta svolgere|coinvolto coinvolgere|rimosso rimuovere|rimossa rimuovere|rimossi rimuovere|rimosse rimuovere|mosso muovere|discusso discutere|discussa discutere|espresso esprimere|concesso concedere|corretti correggere|corrette correggere|diretto dirigere|eletto eleggere|protetto proteggere|tradotti tradurre|ridotto ridurre|condotto condurre|introdotto introdurre|proposto proporre|proposta proporre|posto porre|disposto disporre|esposto esporre|esposta esporre|composto comporre|imposto imporre|apposto apporre|apposta apporre|deposto deporre|chiesto chiedere|chiesta chiedere|visto vedere|vista vedere|previsto prevedere|sospeso sospendere|sospesa sospendere|appeso appendere|appesi appendere|difeso difendere|esteso estendere|steso stendere|stesa stendere|acceso accendere|accesa accendere|accesi accendere|decisa decidere|diviso dividere|incluso includere|inclusa includere|escluso escludere|concluso concludere|conclusa concludere|perso perdere|rotto rompere|interrotto interrompere|distrutto distruggere|spento spegnere|spenta spegnere|spenti spegnere|spente spegnere|dipinto dipingere|raggiunto raggiungere|vinto vincere|spinto spingere|respinto respingere|assunto assumere|redatto redigere|redatta redigere|detratto detrarre|estratto estrarre|trascritto trascrivere|iscritta iscrivere|descritto descrivere|prescritto prescrivere|scoperto scoprire|sottoposto sottoporre',
    compounds: false,
    verbLast: false,
    particles: '',
    indirect: 'ci|mi|loro|a noi|a me|vi|ti|si',
    fillers:
      'che|anche|già|per favore|ci|mi|nuovamente|rapidamente|urgentemente|cortesemente|gentilmente|lei|voi|tu|ancora|poi|volermi|volerci|voler|passare a|venire a|andare a|provvedere a|direttamente|semplicemente|magari|subito|intanto|prima',
    clitics: "lo|la|li|le|ne|me lo|me la|ce lo|ce la|te lo|glielo|gliela|l'|me li|me le|ce li|ce le",
    elliptic:
      'tutti e tre|tutte e tre|il tutto|tutto ciò|tutto questo|questi documenti|questi dati|queste informazioni|questi elementi|un altro|un’altra|altri|altre|uno nuovo|una nuova|dei nuovi|alcuni|alcune|qualcuno|il tuo|la tua|i tuoi|il suo|la sua|i suoi|il resto|tutto|questo|quello|ciò|entrambi|uno|una|un ricambio|le vostre|i vostri|questi|quelli|di questo|di ciò',
    pronouns: 'lo|la|li|le|questo|ciò|quello',
    reason:
      'affinché|in modo da|in modo che|così da|così che|per poter|perché|poiché|dato che|visto che|altrimenti|prima che|appena|non appena|che deve|ma|grazie|in caso contrario|cosicché|così possiamo|dal momento che|dopodiché|sennò|se no|dopo di che|e te le|e ve le|e te lo|e ve lo|e comincio|e io|così posso|finora|fino ad ora',
    negation: 'non|mai|niente',
    nothing: 'nulla|niente',
    polite: 'per favore|per cortesia|per piacere',
    modals: '',
    be: 'essere|esserci|esserne|venire|risultare|essermi',
    once: 'appena|non appena|quando|una volta|dopo|prima di',
    condition: 'se|in caso',
    goal: 'per',
    so: 'quindi|perciò|dunque|pertanto',
    sum: 'totale|subtotale|somma|totale generale',
    finished: 'fatto|fatta|completato|completata|sì|ok',
    afterNoun: 'è|era|di|del|della|per',
    writer: '',
    you: '',
    doForMe: 'mi|ci|me lo|ce lo|me la|ce la|gli|te lo|glielo|gliela|me li|me le|ce li',
    beforeOrder: 'mi|ci|si|ce lo|ce la|ce li|ce le|me lo|me la|glielo|gliela',
    and: 'e|ed',
    assigns: 'deve',
    aside:
      'se|quando|io|noi|il|la|ci|poi|dopo|oppure|e così|cioè|ossia|vale a dire|così|e io|e noi|ci aiuterebbe|mi aiuterebbe|sarebbe',
    fromNowOn:
      'disponibili subito|disponibile subito|subito disponibile|subito disponibili|da subito|pronta consegna|con effetto immediato|da subito|immediatamente dopo|subito dopo|appena dopo|subito prima',
    levels: { high: 'alta|alto', medium: 'media|medio', low: 'bassa|basso' },
    high: 'urgente|urgenti|urgentemente|con urgenza|il prima possibile|quanto prima|al più presto|asap|critico|priorità alta|alta priorità|immediatamente|subito|molto importante|massima priorità|priorità: alta|con la massima urgenza|urgenza|tempestivamente|il più presto possibile|massima urgenza|senza indugio|nel più breve tempo possibile|urgentissimo|urgentissima|urgentissimi|prioritario|prioritaria|senza ritardo|immediato|immediata|appena possibile|prima possibile',
    medium: 'priorità media|priorità normale|priorità: media|priorità: normale|media priorità',
    low: 'senza fretta|non c’è fretta|nessuna fretta|non è urgente|quando ha tempo|quando hai tempo|quando può|quando puoi|bassa priorità|priorità bassa|con calma|prenditi il tuo tempo|priorità: bassa|niente di urgente|senza urgenza|nessuna urgenza|quando ha un momento|quando hai un momento|quando hai un minuto|quando ha un minuto|non urgente|con comodo|se hai tempo|nulla di urgente|si prenda il tempo|non c’è alcuna fretta|senza alcuna fretta',
    taskHeading:
      'attività|compiti|azioni|da fare|cose da fare|prossimi passi|punti aperti|per favore|potrebbe|potresti|potreste|può|puoi|abbiamo bisogno|bisogna|quanto segue|elenco attività|seguenti|todo|to do|impegni|ci serve|lista|piano d’azione|vi chiediamo|ti chiedo|in sospeso|alcune cose|resta da fare|decisioni e azioni',
    otherHeading:
      'come|istruzioni|ordine del giorno|agenda|prezzi|tariffe|orari|orario|programma|menu|menù|partecipanti|presenti|allegati|contenuto|temi|argomenti|riepilogo ordine|novità|contatti|assenti|include|incluso|fatto|completato|per conoscenza|ingredienti|articoli|calendario|indirizzo|prodotti|servizi|giustificati',
    action: 'azione|attività|cosa|compito|descrizione|punto|argomento|lavoro|misura|passo|da fare',
    owner: 'responsabile|chi|assegnato a|assegnatario|persona|incaricato|nome|a cura di|a carico di',
    when: 'scadenza|quando|data|entro quando|entro|termine|consegna|data limite|entro il',
    done: 'stato|fatto|completato|avanzamento|pronto|terminato',
  },
  mail: {
    greeting:
      'care|gentili|gentile|egregi|gentile|gentili|egregio|egregi|spettabile|buongiorno|buonasera|ciao|caro|cara|cari|care|salve|ciao a tutti|buon pomeriggio|gent.ma|gent.mo|buon giorno|spett.le',
    signOff:
      'cordiali saluti|distinti saluti|saluti|un saluto|cordialmente|grazie|grazie mille|a presto|un caro saluto|un abbraccio|in attesa di un riscontro|buona giornata|molte grazie|i migliori saluti|con i migliori saluti|tanti saluti|cari saluti|grazie in anticipo|baci|buon lavoro|buona serata|con i più cordiali saluti|grazie e saluti|un cordiale saluto|porgo cordiali saluti|buon weekend|rimango in attesa',
    signOffFrom: 'da',
    mobile: 'inviato da|inviato dal mio|inviato con',
    legal:
      'riservato|riservate|riservatezza|destinatario|destinatari|ricevuto per errore|avete ricevuto questo messaggio|vietata|prima di stampare|ambiente|gdpr|trattamento dei dati|divulgazione|virus|p.iva|capitale sociale|confidenziale|confidenziali|informazioni contenute|per errore|cancellare|eliminarlo|avvisare il mittente|non autorizzata|stampare|p. iva|partita iva|privacy',
    unsubscribe:
      'annulla l’iscrizione|annullare l’iscrizione|disiscriversi|disiscriviti|cancellare l’iscrizione|cancella iscrizione|mailing list|ricevi questa|riceve questa|visualizza nel browser|informativa sulla privacy|gestisci le preferenze|non desideri più|disiscrizione|newsletter',
    external:
      'e-mail esterna|email esterna|mittente esterno|messaggio esterno|esterno all’organizzazione|proviene dall’esterno|fuori dall’organizzazione|non cliccare|non fare clic|mail esterna',
    automatic:
      'fuori ufficio|risposta automatica|mancato recapito|non recapitabile|non è stato recapitato|conferma di lettura|assenza|impossibile recapitare|letto:|assente dall’ufficio',
  },
};
