import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  'tendría que|tendrían que|tendrías que|tendríais que|debería usted|deberías|debería de',
  'a ver si puedes|a ver si puede|a ver si algún día puedes|mira si puedes|a ver si',
  'me harías el favor de|nos harías el favor de|me haría el favor de|nos haría el favor de|nos hacéis el favor de|hacednos el favor de|necesitamos que … nos|pedimos que',
  combine('serías|sería|serían|seríais', 'tan|tan', 'amable|amables|gentil|gentiles|bueno|buena', 'de'),
  combine(
    'es|sería|resulta',
    'urgente|importante|necesario|imprescindible|indispensable|esencial|fundamental',
    'que',
    '|nos|me|usted|usted nos',
  ),
  combine('sería|estaría|nos sería|me sería', '…', 'si', 'pudiera|pudieras|pudieran|pudierais'),
  'se aconseja|se recomienda|se invita a|recomendamos|aconsejamos',
  'sería necesario|sería preciso|será necesario|será preciso|haría falta|hará falta|sería conveniente|sería bueno|convendría|convendrá|importa',
  'se ruega a … que|rogamos a … que|pedimos a … que|se pide a … que|podemos|podríamos|le agradeceré que|sírvase|sírvanse|le importaría|haga favor de|por favor|podría por favor|podrías por favor|puede por favor|puedes por favor|le ruego que|les ruego que|le rogamos que|les rogamos que|rogamos que|ruego que|rogamos|le pido que|les pido que|te pido que|le pedimos que|les pedimos que|se ruega|se solicita|se le solicita|se les solicita|solicitamos que|le solicitamos que|les solicitamos que|necesito que|necesitamos que|quiero que|quisiera que|me gustaría que|nos gustaría que|agradecería que|agradeceríamos que|le agradecería que|le agradeceríamos que|les agradecería que|les agradeceríamos que|te agradecería que|agradecemos|debe|deben|debes|debemos|tiene que|tienen que|tienes que|tenemos que|hay que|habría que|hace falta|es necesario|recuerde|recuerda|recuerden|no olvide|no olvides|no olviden|sería posible|es posible|sería tan amable de|serían tan amables de|haga el favor de|hagan el favor de|haz el favor de|favor de|favor|asegúrese de|asegúrate de|asegúrense de|acuérdate de|acuérdese de|le importaría|te importaría|alguien puede|alguien podría|quisiera pedirle que|quisiera pedirte que|quería pedirle que|quería pedirte que|le invitamos a|les invitamos a|es importante',
  combine(
    '|le|les|te|os',
    'ruego|rogamos|pido|pedimos|solicito|solicitamos|agradezco|agradecemos|agradecería|agradeceríamos|agradeceré|agradeceremos|invito a|invitamos a|recuerdo|recordamos|recuerdo que|recordamos que|animo a|animamos a|encarezco|aconsejamos|pediría|pediríamos|rogaría|rogaríamos',
    '|nos|me',
    'que|que nos|que me|que por favor',
  ),
  combine('|le|les|te|os', 'ruego|rogamos|invito a|invitamos a|animo a|animamos a|instamos a'),
  combine(
    'podría|podrían|podrías|podríais|puede|pueden|puedes|podéis|quiere|quieren|quieres|querría|querrían|querrías|querríais',
    'usted|ustedes|tú|por favor|alguien|vosotros',
  ),
  combine('|le|les|te|os', 'importa|importaría|molesta|molestaría|apetece|apetecería|parece bien'),
  'te animas a|se anima a|os animáis a|te atreves a|te encargas de|se encarga de|os encargáis de|tienes tiempo de|tiene tiempo de|queda pendiente|queda por|quedan por|solo queda|resta|habrá que|habría que|convendría|conviene|es preciso|es imprescindible|deberá|deberán|deberás|debería|deberían|deberías|deberíamos|haced el favor de|hacednos el favor de|hágannos el favor de|tenga a bien|tengan a bien|tenga la amabilidad de|tengan la amabilidad de|ten la amabilidad de|ten la bondad de|sea tan amable de|sean tan amables de|recuerden que deben|recordad|no olvidéis|acordaos de|acuérdense de|procure|procuren|procura|asegúrense de|habéis de|ha de|han de|necesitaría que|necesitaríamos que|haría falta que|es necesario que|sería bueno que|convendría que|me vendría bien que|nos vendría bien que',
  'pase a|pasa a|pasen a|pasad a|venga a|ven a|vengan a|venid a|vaya a|ve a|vayan a',
  combine(
    'tienes|tiene|tendrías|tendría|has tenido|ha tenido|tendríais|tenéis',
    'tiempo|tiempo de|un momento|un rato|ocasión',
    'de|para',
  ),
  combine('alguien', 'tendría que|debería|tiene que|debe'),
  combine('te|le|os|les', 'toca|tocará|tocaría|corresponde'),
  'no te olvides de|no se olvide de|no os olvidéis de|no se olviden de|es tu turno de|es su turno de|es vuestro turno de|pásate a|pásese a|pasaos a',
  'asegúrese de que|asegúrate de que|procure que|procura que',
  combine('tenga|ten|tengan|tened', 'la', 'bondad|amabilidad|gentileza', 'de'),
  'basta con|basta|solo tiene que|solo tienes que',
  combine(
    'quería|queríamos|quisiera|me gustaría',
    'saber|preguntarle|preguntarte|preguntarles|preguntar',
    'si',
    'podría|podrías|podrían|podríais|puede|puedes|pueden|podéis',
  ),
  combine(
    'me preguntaba|nos preguntábamos|me pregunto',
    'si',
    'podría|podrías|podrían|podríais|puede|puedes',
  ),
  combine(
    'quería|queríamos|quisiera|quisiéramos',
    'pedirle|pedirte|pedirles|pediros|rogarle|rogarles',
    'que',
    '|nos|me',
  ),
  combine(
    'es|sería',
    '|muy',
    'importante|necesario|esencial|imprescindible|fundamental|útil',
    'que',
    '|usted|nos|me',
  ),
  combine('sería', '|muy', 'amable', 'de su parte|por su parte|de tu parte', ''),
  combine(
    'se ruega|se pide|se solicita|se invita|rogamos|pedimos|se recuerda',
    'a',
    'todos los|todas las|los|las|cada',
    '…',
    '|que',
  ),
  combine('quién', 'puede|podría|quiere|se encarga de|querría'),
  combine('prometió|prometiste|prometieron|se comprometió a|te comprometiste a|se ofreció a|te ofreciste a'),
  combine('su|tu', 'encargo|tarea|trabajo|misión', 'es'),
  combine('cuento|contamos', 'contigo|con usted|con ustedes|con vosotros', 'para'),
  combine('esperamos|espero|seguimos esperando|sigo esperando|esperando', 'que', '|usted|nos|me'),
  combine('te|le|les|os', 'recuerde|recuerdo|recordemos|pida'),
  combine('crees|cree|creéis', 'que', 'podrías|podría|podríais|puedes|puede'),
  combine('solo|ya solo|tan solo', 'le|te|os|les', 'falta|queda'),
  combine('si', 'pudiera|pudieras|pudieran|pudierais|pudiese|puede|puedes'),
  combine(
    'están|está|estáis|estás|quedan|queda',
    'invitados|invitado|invitadas|invitada|convocados|convocado',
    'a|todos a',
  ),
  'tómese el tiempo de|tómate el tiempo de|tómese el tiempo para|tómate el tiempo para|alguien que pueda|alguien que pudiera|alguien para|que pudieras|que pudiera|insisto en que|insistimos en que',
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  'necesitamos|necesito|nos hace falta|me hace falta|esperamos|estamos a la espera de|seguimos esperando|falta|faltan|nos falta|nos faltan|requerimos|quisiéramos recibir|solicitamos|aún necesitamos|todavía necesitamos|aún nos falta|nos gustaría recibir|estamos esperando|quedamos a la espera de|le solicitamos|les solicitamos|solicito|precisamos|preciso|necesitaríamos|necesitaría|nos haría falta|me haría falta|hace falta|hacen falta|nos hacen falta|queda pendiente el|queda pendiente la|echamos en falta|agradecemos el|agradecemos la|agradeceríamos el|agradeceríamos la|se ruega el|se ruega la|se solicita|rogamos el|rogamos la|pedimos|quedamos a la espera del|quedamos a la espera de su',
  combine(
    '|nos|me',
    'gustaría|interesaría|vendría bien|harían falta|haría falta',
    '|recibir|tener|contar con',
  ),
  combine(
    'esperamos|espero|quedamos a la espera de|quedo a la espera de|confiamos en|deseamos',
    'recibir|contar con|tener',
  ),
  'contamos con|cuento con|faltan|me faltan|nos faltan|me falta',
  combine('nos|me', 'ayudaría|ayudarías', '|mucho', 'tener|recibir'),
  combine('puedo|podemos|podría|podríamos', 'contar con'),
  combine('me|nos', 'gustaría', 'tener|recibir|recuperar|ver'),
].join('|');
