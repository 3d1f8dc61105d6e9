import type { Language } from '../language.ts';

export const it: Language = {
  code: 'it',
  common:
    'il|lo|la|i|gli|le|e|di|del|della|dei|è|per|lei|voi|suo|sua|vostro|noi|nostro|nostra|con|da|che|questo|questa|favore|ha|sarà|sono|essere|in|al|alla|potrebbe|può|non|un|una|se|o|io|mio|mia|mi|ci|buongiorno|grazie|entro|come|più',
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
    last: 'scorso|scorsa|ultimo|ultima|passato|passata',
    hour: 'ora|ore',
    day: 'giorno|giorni|giorni di calendario|gg',
    workday: 'giorno lavorativo|giorni lavorativi|giorni feriali|giorno feriale',
    week: 'settimana|settimane',
    fortnight: 'quindicina|quindici giorni',
    month: 'mese|mesi',
    quarter: 'trimestre',
    year: 'anno|anni',
    endOf: 'fine|la fine di|fine di|la fine del mese di|fine mese di',
    middleOf: 'metà|la metà di|metà di',
    startOf: 'inizio|l’inizio di|inizio di|i primi di|all’inizio di|inizi di',
    weekEnd:
      'fine settimana|fine della settimana|la fine della settimana|fine di questa settimana|la fine di questa settimana|il fine settimana|weekend',
    monthEnd:
      'fine mese|fine del mese|la fine del mese|fine di questo mese|la fine di questo mese|fine mese corrente',
    yearEnd: 'fine anno|fine dell’anno|la fine dell’anno|fine di quest’anno|la fine di quest’anno',
    within:
      'entro|entro e non oltre|nel giro di|tra|fra|in|nei prossimi|nelle prossime|entro i prossimi|entro un massimo di|entro il termine di|nell’arco di',
    fromNow:
      'da oggi|dalla ricezione|dal ricevimento|a partire da oggi|dalla data|dal ricevimento della presente',
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
    noon: 'mezzogiorno',
    dayPart:
      'fine giornata|fine della giornata|la fine della giornata|fine orario|chiusura|di mattina|di pomeriggio|di sera|mattina|mattino|pomeriggio|sera|notte|mezzanotte|in giornata|in mattinata|mattinata|serata|la chiusura degli uffici',
    weekNumber: 'settimana|settimana n.|settimana numero',
    from: 'dal|da|tra il|tra|fra il|fra|dalle',
    to: 'al|a|e il|e|fino al|alle|-',
    every:
      'ogni|tutti i|tutte le|quotidiano|settimanale|mensile|giornalmente|il lunedì mattina|di lunedì|di martedì|di mercoledì|di giovedì|di venerdì',
  },
  cues: {
    by: 'valido fino al|valida fino al|ha tempo fino al|hai tempo fino al|avete tempo fino al|tempo fino al|entro|entro il|entro la|entro le|entro e non oltre|entro e non oltre il|al più tardi|al più tardi il|al più tardi entro|non oltre il|non oltre|prima del|prima di|prima della|scadenza|scadenza il|scadenza è il|la scadenza è il|la scadenza è fissata al|la scadenza è|con scadenza il|con scadenza|scade il|scade|scadono il|termine|termine ultimo|il termine è il|il termine è|termine ultimo il|data limite|data di scadenza|chiude il|chiudono il|si chiude il|si chiudono il|si conclude il|termina il|da pagare entro|pagabile entro|da consegnare il|da consegnare entro|consegna entro|consegna il|rsvp|rsvp entro|conferma entro|deadline|deadline il|la deadline è il|non più tardi del|non più tardi di|massimo|massimo entro|fissato per il|improrogabilmente entro|tassativamente entro',
    until: 'valido fino al|valida fino al|fino a|prima che|per|per il|fino al',
    on: 'il|per il|del|al|questo|questa|è il|è|in|a|la|di|giorno|alle|lo|dal|l’',
    latest:
      'al più tardi|al massimo|come termine ultimo|è la scadenza|è il termine|è l’ultimo giorno|o prima|improrogabilmente|tassativamente|massimo',
    dueNoun:
      'chiude|chiudono|scadenza|scade|termine|termine ultimo|data limite|data di scadenza|ultimo giorno|da pagare|scaduto|scaduta|chiusura|consegna|deadline|entro|data di consegna|pagamento entro|limite|in scadenza|termine di consegna',
    purpose: 'a|alla|al|per|prima di|in tempo per|prima della|prima del|in vista di|in vista della',
    must: 'deve|devono|devi|dovete',
    obligation:
      'può|puoi|potete|possibile|si accettano|deve|devono|dobbiamo|devi|dovete|bisogna|occorre|occorrono|serve|servono|necessario|necessaria|obbligatorio|richiesto|richiesta|dovrebbe|dovrebbero|vorrei|vorremmo|abbiamo bisogno|ho bisogno|aspettiamo|attendiamo|si ricordi|ricordati|ricordatevi|non dimenticare|non dimentichi|ci serve|mi serve|è da|va|vanno|è necessario|ci servono|mi servono',
    event:
      'riunione|incontro|inaugurazione|visita|avrà luogo|ha luogo|si terrà|si svolgerà|si tiene|arrivo|arriva|arriverà|prenotato|previsto|prevista|concerto|laboratorio|conferenza|seminario|formazione|corso|festa|pranzo|cena|ricevimento|ferie|vacanze|cerimonia|chiamata|colloquio|appuntamento|mostra|fiera|viaggio|partenza|comincia|inizia|inizio|compleanno|matrimonio|prova|sopralluogo|apertura|assemblea|sessione|evento|apre|convegno|invitiamo|festival|lezione|sarà consegnato|webinar|workshop',
    past: 'era|è stato|è stata|sono stati|da|ricevuto|abbiamo ricevuto|inviato|abbiamo inviato|scorso|scorsa|incontrati|parlato|ordinato|acquistato|consegnato|arrivato|aveva|avuto luogo|pagato|firmato|concordato|scritto|ieri|discusso|ho ricevuto|spedito|ho inviato|si è svolta|si è tenuta',
    issue:
      'data|datato|datata|in data|emesso|emessa|emesso il|emessa il|data di emissione|del|data fattura|creato il|fattura del|lettera del|mail del|messaggio del|pubblicato|versione|redatto',
    absence:
      'assente|fuori ufficio|in ferie|in vacanza|chiuso|chiusa|chiusi|non disponibile|sarò di ritorno|di ritorno il|orari di apertura|orario|aperto|aperta|aperti|in malattia|in permesso|rientro|rientrerò|non sarò|sarò fuori|torno',
    commit:
      'vi invierò|le invierò|ti invierò|invierò|vi invieremo|le invieremo|invieremo|posso|possiamo|prevediamo|riceverà|riceverete|riceverai|consegneremo|sarò|saremo|sarà consegnato|sarà consegnata|sarà inviato|sarà spedito|vi informeremo|le farò sapere|vi faremo sapere|ti farò sapere|tornerò|passerò|passeremo|ti mando|vi mando|le mando|la richiamerò|saranno consegnati|verrà consegnato|verrà consegnata',
    coming: 'venire|venga|vieni|partecipare|invitare|invitiamo|invitati',
    move: 'rinviato|rinviata|posticipato|posticipata|spostato|spostata|prorogato|prorogata|anticipato|anticipata|cambiato|cambiata|modificato|modificata|nuova data|nuova scadenza|nuovo termine|correzione|piuttosto|ora è|slitta|è slittata|è slittato|facciamo|intendevo|errata corrige|meglio|anziché|slittano|passa al|diventa',
    instead: 'invece di|invece che|invece del|e non|al posto di|anziché|e non il|anziché il|invece che il',
    lift: 'non è più necessario|non serve più|non occorre più|non abbiamo più bisogno|non ho più bisogno|non c’è più bisogno|annullato|annullata|è annullato|ignorate|già fatto|già risolto|lasci stare|lascia stare|lasciate perdere|lascia perdere|non è più richiesto|senza effetto|ritirato|non dovete più|non devi più|non deve più|non è più richiesta|non è più necessaria|come non ricevuta',
  },
  requests: {
    please:
      'per favore|per cortesia|cortesemente|gentilmente|se possibile|grazie|grazie mille|anche|inoltre|e|poi|quindi|per piacere|in anticipo|allora|se può|se puoi|ps',
    frames:
      'si prega … di|si pregano … di|preghiamo … di|chiediamo … di|si invitano … a|possiamo|potremmo|si richiede di|la invito a|voglia|vogliate|per favore|per cortesia|per piacere|cortesemente|gentilmente|potrebbe per favore|potrebbe cortesemente|potrebbe gentilmente|potrebbe|potreste|potresti|puoi per favore|puoi|può per favore|può|potete|la prego di|vi prego di|ti prego di|la preghiamo di voler|la preghiamo di|vi preghiamo di voler|vi preghiamo di|si prega di|siete pregati di|le chiedo di|vi chiedo di|ti chiedo di|le chiediamo di|vi chiediamo di|chiediamo di|le chiedo cortesemente di|vi chiedo cortesemente di|vi chiediamo cortesemente di|le chiediamo cortesemente di|vorrei che lei|vorrei che tu|vorremmo che|ho bisogno che|abbiamo bisogno che|deve|devono|devi|dovete|dobbiamo|devo|dovrebbe|dovreste|dovresti|bisogna|occorre|è necessario|è importante|non dimenticare di|non dimentichi di|non dimenticate di|si ricordi di|ricordati di|ricordatevi di|ricordarsi di|sarebbe possibile|è possibile|le sarei grato se potesse|le sarei grata se potesse|vi saremmo grati se poteste|le saremmo grati se potesse|ti sarei grato se potessi|ti sarei grata se potessi|avrebbe la gentilezza di|abbia la cortesia di|volete|vuoi|vuole|assicurarsi di|si assicuri di|assicurati di|qualcuno può|qualcuno potrebbe|ti dispiacerebbe|le dispiacerebbe|vi invitiamo a|la invitiamo a|riesci a|riuscite a|riesce a|riusciresti a|riuscirebbe a|provvedere a|vorrei chiederle di|vorrei chiederti di|volevo chiederti di|volevo chiederle di|mi servirebbe che',
    needs:
      'abbiamo bisogno di|abbiamo bisogno del|abbiamo bisogno della|abbiamo bisogno dei|abbiamo bisogno delle|ho bisogno di|ho bisogno del|ho bisogno della|ho bisogno dei|ci serve|ci servono|mi serve|mi servono|ci occorre|ci occorrono|attendiamo|attendo|restiamo in attesa di|restiamo in attesa della|siamo in attesa di|siamo in attesa del|siamo in attesa della|manca|mancano|ci manca|ci mancano|vorremmo ricevere|richiediamo|manca ancora|mancano ancora|ci serve ancora|aspettiamo|chiediamo|si richiede|si richiedono|necessitiamo di',
    provide: 'Inviare',
    passive:
      'deve essere|devono essere|dev’essere|va|vanno|dovrà essere|dovranno essere|è da|sono da|dovrebbe essere',
    courtesy:
      'ricevere|non esiti|non esitare|non esitate|notare che|tenere presente|tenga presente|tenere conto|trovare in allegato|trova in allegato|troverà|in allegato|accettare|accetti|scusare|scusi|scusate|scusa|non rispondere|pensare all’ambiente|per la comprensione|per l’attenzione|per la collaborazione|contattarci se|pensi all’ambiente|considerare|avere pazienza|per la disponibilità|di non rispondere',
    generic:
      'dire|dimmi|dica|rispondere|rispondi|risponda|gestire|gestisci|gestisca|fare|fai|vedere|vedi|occuparsi|occupati|pensaci|provvedere|provvedi',
    verbs:
      'siate|sia|inviare|invii|inviate|invia|inviarci|inviarmi|inviateci|restituire|restituisca|restituite|restituisci|rispedire|confermare|confermi|confermate|conferma|confermarci|verificare|verifichi|verificate|verifica|controllare|controlli|controllate|controlla|rivedere|rivedi|firmare|firmi|firmate|firma|approvare|approvi|approva|rispondere|risponda|rispondete|rispondi|chiamare|chiami|chiama|telefonare|prenotare|prenoti|prenota|ordinare|ordini|ordina|pagare|paghi|paga|saldare|saldi|preparare|prepari|preparate|prepara|fornire|fornisca|fornite|fornirci|presentare|presenti|presentate|completare|completi|completa|compilare|compili|compilate|compila|aggiornare|aggiorni|aggiorna|caricare|carichi|carica|inoltrare|inoltri|inoltra|condividere|condivida|condividi|organizzare|organizzi|organizza|portare|porti|porta|portate|comprare|compri|compra|acquistare|acquisti|dare|dia|dai|fare|faccia|fai|fate|redigere|rediga|scrivere|scriva|scrivi|finire|finisci|terminare|termini|consegnare|consegni|consegnate|consegna|depositare|trasferire|contattare|contatti|contatta|chiedere|chieda|chiedi|informare|informi|informa|dire|dica|dicci|indicare|indichi|indicate|indica|indicarci|comunicare|comunichi|comunicate|comunica|comunicarci|riordinare|riordina|sistemare|sistema|pulire|pulisca|pulisci|riparare|ripari|ripara|sostituire|sostituisca|sostituisci|cambiare|cambi|cambia|rinnovare|rinnovi|rinnova|registrare|registri|iscrivere|iscriva|stampare|stampi|stampa|scansionare|scansioni|copiare|ritirare|ritiri|ritira|prendere|prenda|prendi|misurare|misura|contare|conta|provare|provi|testare|installare|installi|rimuovere|rimuova|eliminare|elimini|cancellare|cancelli|aggiungere|aggiunga|aggiungi|modificare|modifichi|modifica|correggere|corregga|correggi|chiudere|chiuda|chiudi|aprire|apra|apri|leggere|legga|leggi|guardare|guarda|cercare|cerchi|cerca|scegliere|scelga|scegli|selezionare|decidere|decida|mettere|metta|metti|lasciare|lasci|lascia|aiutare|partecipare|partecipi|venire|venga|vieni|visitare|visiti|ispezionare|fotografare|fotografa|etichettare|etichetta|elaborare|calcolare|calcoli|tradurre|traduca|traduci|modificare|pubblicare|pubblichi|pubblica|annunciare|invitare|inviti|invita|annullare|annulli|rinviare|ricordare|seguire|archiviare|archivi|archivia|liquidare|rimborsare|fatturare|valutare|valuti|valuta|pianificare|pianifichi|discutere|finalizzare|convalidare|garantire|conservare|annaffiare|annaffia|spegnere|avvisare|avvisi|avvisa|specificare|descrivere|spiegare|emettere|emetta|elaborare|trattare|trasmettere|trasmetta|trasmettete|allegare|alleghi|allega|convocare|convochi|fissare|fissi|fissa|gestire|richiedere|richieda|richiedi|riassumere|riassumi|mandare|mandi|manda|mandarmi|mandarci|mandate|provvedere|provveda|effettuare|effettui|proporre|proponga|proponi|ottenere|scaricare|passare|passi|passa|raccogliere|raccogli|versare|versi|far|farci|farmi|sottoscrivere|recapitare|disdire|svuotare|svuota',
    forms: '',
    compounds: false,
    verbLast: false,
    particles: '',
    indirect: 'ci|mi|loro|a noi|a me|vi|ti|si',
    fillers:
      'che|anche|già|per favore|ci|mi|nuovamente|rapidamente|urgentemente|cortesemente|gentilmente|lei|voi|tu|ancora|poi|volermi|volerci|voler',
    pronouns: 'lo|la|li|le|questo|ciò|quello',
    reason:
      'affinché|in modo da|in modo che|così da|così che|per poter|perché|poiché|dato che|visto che|altrimenti|prima che|appena|non appena|che deve|ma|grazie|in caso contrario|cosicché|così possiamo|dal momento che',
    negation: 'non|mai|niente',
    nothing: 'nulla|niente',
    polite: 'per favore|per cortesia|per piacere',
    modals: '',
    be: 'essere',
    condition: 'se|in caso',
    goal: 'per',
    finished: 'fatto|fatta|completato|completata|sì|ok',
    afterNoun: 'è|era|di|del|della|per',
    writer: '',
    you: '',
    and: 'e|ed',
    assigns: 'deve',
    aside: 'se|quando|io|noi|il|la|ci',
    high: 'urgente|urgenti|urgentemente|con urgenza|il prima possibile|quanto prima|al più presto|asap|critico|priorità alta|alta priorità|immediatamente|subito|molto importante|massima priorità|priorità: alta|con la massima urgenza|urgenza|tempestivamente|il più presto possibile|massima urgenza|senza indugio|nel più breve tempo possibile',
    medium: 'priorità media|priorità normale|priorità: media|priorità: normale|media priorità',
    low: 'senza fretta|non c’è fretta|nessuna fretta|non è urgente|quando ha tempo|quando hai tempo|quando può|quando puoi|bassa priorità|priorità bassa|con calma|prenditi il tuo tempo|priorità: bassa|niente di urgente|senza urgenza|nessuna urgenza|quando ha un momento|quando hai un momento|quando hai un minuto|quando ha un minuto|non urgente|con comodo|se hai tempo|nulla di urgente|si prenda il tempo',
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
      'gentile|gentili|egregio|egregi|spettabile|buongiorno|buonasera|ciao|caro|cara|cari|care|salve|ciao a tutti|buon pomeriggio|gent.ma|gent.mo|buon giorno|spett.le',
    signOff:
      'cordiali saluti|distinti saluti|saluti|un saluto|cordialmente|grazie|grazie mille|a presto|un caro saluto|un abbraccio|in attesa di un riscontro|buona giornata|molte grazie|i migliori saluti|con i migliori saluti|tanti saluti|cari saluti|grazie in anticipo|baci|buon lavoro|buona serata|con i più cordiali saluti|grazie e saluti|un cordiale saluto|porgo cordiali saluti|buon weekend|rimango in attesa',
    signOffFrom: 'da',
    mobile: 'inviato da|inviato dal mio|inviato con',
    legal:
      'riservato|riservate|riservatezza|destinatario|destinatari|ricevuto per errore|avete ricevuto questo messaggio|vietata|prima di stampare|ambiente|gdpr|trattamento dei dati|divulgazione|virus|p.iva|capitale sociale|confidenziale|confidenziali|informazioni contenute',
    unsubscribe:
      'annulla l’iscrizione|annullare l’iscrizione|disiscriversi|disiscriviti|cancellare l’iscrizione|cancella iscrizione|mailing list|ricevi questa|riceve questa|visualizza nel browser|informativa sulla privacy|gestisci le preferenze|non desideri più|disiscrizione|newsletter',
    external:
      'e-mail esterna|email esterna|mittente esterno|messaggio esterno|esterno all’organizzazione|proviene dall’esterno|fuori dall’organizzazione|non cliccare|non fare clic|mail esterna',
    automatic:
      'fuori ufficio|risposta automatica|mancato recapito|non recapitabile|non è stato recapitato|conferma di lettura|assenza|impossibile recapitare|letto:|assente dall’ufficio',
  },
};
