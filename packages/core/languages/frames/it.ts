import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  combine('avrei|avremmo|ho|abbiamo', 'bisogno', 'che', '|ci|mi|ne|lei'),
  'vedi se riesci a|veda se riesce a|cerca di|cercate di|cerchi di',
  'ci faresti il favore di|mi faresti il favore di|ci farebbe il favore di|mi farebbe il favore di|ti dispiacerebbe|le dispiacerebbe|vi dispiacerebbe|ti spiace|le spiace|chiediamo a … di|chiedo a … di|saresti così gentile da|sarebbe così gentile da|avresti la gentilezza di|avresti tempo di|ti andrebbe di',
  combine(
    'le|vi|ti',
    'sarei grato|sarei grata|saremmo grati|saremmo grate|sarei riconoscente',
    'se',
    '|ci|mi|volesse|voleste|volessi',
  ),
  combine(
    'è|sarebbe|diventa',
    'urgente|importante|necessario|indispensabile|essenziale|fondamentale|opportuno',
    'che',
    '|ci|mi|lei',
  ),
  combine('sarebbe', '…', 'se', 'potesse|potessi|poteste'),
  'si consiglia di|si raccomanda di|si invita a|si invitano a|consigliamo di|raccomandiamo di',
  'sarebbe necessario|sarà necessario|servirebbe|bisognerebbe|occorrerebbe|sarebbe bene|sarebbe opportuno|bisognerà|occorrerà|conviene|converrebbe|sarebbe utile',
  'si prega … di|si pregano … di|preghiamo … di|chiediamo … di|si invitano … a|possiamo|potremmo|si richiede di|la invito a|voglia|vogliate|per favore|per cortesia|per piacere|cortesemente|gentilmente|potrebbe per favore|potrebbe cortesemente|potrebbe gentilmente|puoi per favore|può per favore|la prego di|vi prego di|ti prego di|la preghiamo di voler|la preghiamo di|vi preghiamo di voler|vi preghiamo di|si prega di|siete pregati di|le chiedo di|vi chiedo di|ti chiedo di|le chiediamo di|vi chiediamo di|chiediamo di|le chiedo cortesemente di|vi chiedo cortesemente di|vi chiediamo cortesemente di|le chiediamo cortesemente di|vorrei che lei|vorrei che tu|vorremmo che|ho bisogno che|abbiamo bisogno che|deve|devono|devi|dovete|dobbiamo|dovrebbe|dovreste|dovresti|bisogna|occorre|è necessario|è importante|non dimenticare di|non dimentichi di|non dimenticate di|si ricordi di|ricordati di|ricordatevi di|ricordarsi di|sarebbe possibile|è possibile|le sarei grato se potesse|le sarei grata se potesse|vi saremmo grati se poteste|le saremmo grati se potesse|ti sarei grato se potessi|ti sarei grata se potessi|avrebbe la gentilezza di|abbia la cortesia di|volete|vuoi|assicurarsi di|si assicuri di|assicurati di|qualcuno può|qualcuno potrebbe|ti dispiacerebbe|le dispiacerebbe|vi invitiamo a|la invitiamo a|riesci a|riuscite a|riesce a|riusciresti a|riuscirebbe a|provvedere a|vorrei chiederle di|vorrei chiederti di|volevo chiederti di|volevo chiederle di|mi servirebbe che',
  combine(
    'la|vi|ti|le|si',
    'prego|preghiamo|prega|pregano|chiedo|chiediamo|chiede|invito|invitiamo|invita|invitano|ricordo|ricordiamo|ricorda|esorto|esortiamo|sarei grato|sarei grata|saremmo grati|sarebbe grati',
    '|gentilmente|cortesemente|pertanto|quindi|di nuovo|vivamente|se potesse|se potessi|se poteste',
    'di|di voler|a|a voler|',
  ),
  combine(
    'siete|è|sei',
    'pregati|pregato|pregata|pregate|invitati|invitato|invitata|invitate|tenuti|tenuto|tenuta',
    'di|a',
  ),
  combine(
    'potrebbe|potreste|potresti|può|potete|puoi|potremmo|volete|vuoi|vorresti|vorresti|vorreste|riesce a|riesci a|riuscite a|riuscirebbe a|riusciresti a',
    '|per favore|per cortesia|cortesemente|gentilmente|lei|tu|qualcuno|anche|per caso|magari|intanto',
  ),
  combine(
    'ho bisogno|abbiamo bisogno|mi serve|ci serve|mi servirebbe|ci servirebbe|è necessario|occorre|bisogna|vorrei|vorremmo|desidero|desideriamo|gradirei|gradiremmo',
    'che',
    '|lei|tu|voi',
  ),
  combine(
    'non',
    'dimenticate|dimenticare|dimenticarti|dimenticatevi|scordare|scordarti|scordatevi|si dimentichi',
    'di',
  ),
  'te la senti di|se la sente di|ve la sentite di|ti va di|le va di|vi va di|hai tempo di|ha tempo di|avete tempo di|ti occupi di|si occupa di|saresti disponibile a|sarebbe disponibile a|mi fai il favore di|fammi il favore di|ci faccia il favore di|resta da|restano da|rimane da|rimangono da|non resta che|c’è da|ci sono da|dovrà|dovranno|dovrai|dovrete|dovremmo|dovrei|abbiate la cortesia di|abbi la cortesia di|abbiate la gentilezza di|sia così gentile da|sii così gentile da|siate così gentili da|ricordiamoci di|si raccomanda di|raccomandiamo di|passate a|passa a|passi a|veda di|vedi di|vedete di|provvedete a|provveda a|provvedi a|avete da|hai da|ha da|faresti in tempo a|faccia in modo di|fai in modo di|fate in modo di',
  'venga a|vieni a|venite a|vada a|vai a|andate a',
  combine(
    'hai|ha|avresti|avrebbe|avete|avreste',
    'tempo|modo|dieci minuti|un momento|un attimo|avuto tempo|avuto modo',
    'di|per',
  ),
  combine('qualcuno', 'dovrebbe|deve|dovrà'),
  combine('tocca|toccherebbe|spetta', 'a te|a lei|a voi'),
  'è il tuo turno di|è il suo turno di|per favore di',
  'si assicuri che|assicurati che|assicuratevi che|faccia in modo che|fai in modo che',
  combine('abbia|abbi|abbiate', 'la', 'bontà|cortesia|gentilezza|compiacenza', 'di'),
  'basta|è sufficiente',
  combine(
    'mi chiedevo|ci chiedevamo|volevo chiedere|volevo chiederle|volevo chiederti|vorrei sapere|volevo sapere',
    'se',
    'potesse|potessi|poteste|può|puoi|potete|potrebbe|potresti|fosse possibile|è possibile',
  ),
  combine('sarebbe', '|molto', 'utile|importante|gentile|bello|opportuno|necessario', 'se', '|ci|mi|lei|tu'),
  combine(
    'è|sarebbe',
    '|molto',
    'importante|necessario|essenziale|fondamentale|indispensabile',
    'che',
    '|ci|mi|lei',
  ),
  combine('abbiamo|ho|avremmo|avrei', 'bisogno', 'che lei|che tu'),
  combine('si pregano|si invitano|preghiamo', 'tutti gli|tutti i|tutte le|i|gli|le', '…', 'di|a'),
  combine('chi', 'può|potrebbe|vuole|vorrebbe|si occupa di'),
  combine('aveva|avevi|avevate|ha|hai', 'promesso|accettato', 'di'),
  combine('si era|ti eri|si è|ti sei', 'impegnato|impegnata|offerto|offerta', 'a|di'),
  combine('il suo|il tuo|il vostro', 'incarico|compito|lavoro', 'è'),
  combine('conto|contiamo', 'su di te|su di lei|su di voi|su lei', 'per'),
  combine(
    'ci serve|mi serve|ci servirebbe|aspettiamo|aspetto|aspettiamo ancora|aspetto ancora',
    'che',
    'lei|tu|voi',
  ),
  combine('ricordarti|ricordarle|ricordarvi|chiederti|chiederle|chiedervi|pregarla|pregarti', 'di'),
  combine('pensi|pensa|pensate|credi|crede', 'di poter'),
  combine('non', 'le|ti|vi|ci', 'resta', 'che|altro che'),
  combine('se', 'potesse|potessi|poteste|riuscisse a|riuscissi a|riusciste a|può|puoi|potete'),
  'si prenda il tempo di|prenditi il tempo di|prendetevi il tempo di|qualcuno che possa|qualcuno che potesse|qualcuno per|se tu potessi|se lei potesse|che tu possa|raccomando di|raccomandiamo di',
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  'ci servirebbe|ci servirebbero|mi servirebbe|ci occorrerebbe|ci occorrerebbero|avremmo bisogno di|avrei bisogno di|abbiamo bisogno di|abbiamo bisogno del|abbiamo bisogno della|abbiamo bisogno dei|abbiamo bisogno delle|ho bisogno di|ho bisogno del|ho bisogno della|ho bisogno dei|ci serve|ci servono|mi serve|mi servono|ci occorre|ci occorrono|attendiamo|attendo|restiamo in attesa di|restiamo in attesa della|siamo in attesa di|siamo in attesa del|siamo in attesa della|manca|mancano|ci manca|ci mancano|vorremmo ricevere|richiediamo|manca ancora|mancano ancora|ci serve ancora|aspettiamo|chiediamo|si richiede|si richiedono|necessitiamo di|servono|serve|occorrono|occorre|ci servirebbe|mi servirebbe|ci servirebbero|avremmo bisogno di|avrei bisogno di|avremmo bisogno del|avremmo bisogno della|avrei bisogno del|avrei bisogno della|attendiamo la|attendiamo il|ci occorrerebbe|si richiede la|si richiede il|è gradita|è gradito|chiediamo la|chiediamo il|è richiesta|è richiesto|resta in sospeso|aspetto|restiamo in attesa del',
  combine(
    '|mi|ci',
    'piacerebbe|farebbe piacere|servirebbe|servirebbero|occorrerebbe|occorrerebbero|serviranno|servirà|farebbero comodo|farebbe comodo',
    '|avere|ricevere',
  ),
  combine('contiamo|conto|speriamo|spero|aspettiamo|desideriamo', 'di ricevere|di avere|ricevere'),
  combine('ho|abbiamo|avrei|avremmo', 'bisogno', 'di|del|della|dei|delle|dell’|degli'),
  combine('ci|mi', 'aiuterebbe|sarebbe di grande aiuto', '|molto', 'avere|ricevere'),
  combine('posso|possiamo|potrei|potremmo', 'contare', 'su|sul|sulla|sui|sulle'),
  combine('mi|ci', 'piacerebbe', 'riavere|avere|ricevere'),
].join('|');
