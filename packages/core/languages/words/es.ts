import { frames, needs } from '../frames/es.ts';
import type { Language } from '../language.ts';
import { moreVerbs, verbs } from '../verbs/es.ts';

export const es: Language = {
  code: 'es',
  common:
    'el|la|los|las|hay|muy|está|han|ha|esta|hasta|tiene|pero|y|de|del|es|para|usted|ustedes|su|sus|nos|nuestro|nuestra|con|por|que|este|esta|favor|tiene|será|son|ser|lo|en|al|podría|puede|no|un|una|si|o|yo|mi|me|hola|gracias|antes|como|más',
  months: [
    'enero|ene',
    'febrero|feb',
    'marzo|mar',
    'abril|abr',
    'mayo',
    'junio|jun',
    'julio|jul',
    'agosto|ago',
    'septiembre|setiembre|sept|sep',
    'octubre|oct',
    'noviembre|nov',
    'diciembre|dic',
  ],
  weekdays: ['lunes', 'martes', 'miércoles', 'jueves', 'viernes', 'sábado|sábados', 'domingo|domingos'],
  shortDays: ['lun', 'mar', 'mié', 'jue', 'vie', 'sáb', 'dom'],
  numbers:
    '1 un|1 una|2 dos|3 tres|4 cuatro|5 cinco|6 seis|7 siete|8 ocho|9 nueve|10 diez|12 doce|14 catorce|15 quince|20 veinte|30 treinta',
  ordinals: [
    'primero|en primer lugar|primeramente',
    'segundo|en segundo lugar',
    'tercero|en tercer lugar',
    'cuarto|en cuarto lugar',
    'quinto',
    'sexto',
    'después|luego|además|a continuación|también',
    'finalmente|por último|para terminar',
  ],
  dates: {
    today: 'hoy|hoy mismo|esta tarde|esta noche|esta mañana',
    tomorrow: 'mañana|mañana por la mañana|mañana por la tarde|mañana mismo',
    dayAfterTomorrow: 'pasado mañana',
    yesterday: 'ayer|anteayer',
    next: 'próximo|próxima|próximos|siguiente|el próximo|la próxima|de la próxima semana',
    coming: 'este|esta|que viene|el próximo día|el|del presente|en curso',
    comes: 'que viene',
    last: 'pasado|pasada|último|última',
    hour: 'hora|horas',
    day: 'día|días|días naturales',
    workday: 'día hábil|días hábiles|día laborable|días laborables|días laborales',
    week: 'semana|semanas',
    fortnight: 'quincena|quince días',
    month: 'mes|meses',
    quarter: 'trimestre',
    year: 'año|años',
    endOf:
      'fin de|final de|finales de|fines de|el final de|fin del mes de|a finales de|el fin de|el último día de|último día de|que termine|que acabe',
    middleOf: 'mediados de|a mediados de|mitad de',
    startOf:
      'principios de|a principios de|inicio de|inicios de|comienzos de|comienzo de|primeros de|al inicio de',
    weekEnd:
      'fin de semana|final de la semana|el final de la semana|finales de semana|finales de esta semana|final de esta semana|fin de esta semana|fin de la semana|finales de la semana|el fin de semana|final de semana',
    monthEnd:
      'fin de mes|final de mes|finales de mes|fin del mes|el final del mes|el fin de mes|final del mes|finales de este mes|final de este mes',
    yearEnd: 'fin de año|final de año|finales de año|el final del año|final del año|finales de este año',
    within:
      'en un plazo de|en el plazo de|dentro de|en|en los próximos|dentro de los próximos|en un plazo máximo de|en el transcurso de|en menos de|en un máximo de|dentro de un plazo de|un plazo de|plazo de|un plazo máximo de|plazo máximo de|un máximo de|a los|en las próximas|dentro de las próximas|en el curso de',
    fromNow:
      'a partir de hoy|a partir de la recepción|desde la recepción|a contar desde|desde hoy|tras la recepción|de plazo|de tiempo|a contar de hoy|desde la fecha|contados desde hoy',
    agoBefore: 'hace',
    agoAfter: 'atrás',
    article: 'el|la|los|las',
    of: 'de|del|,',
    ordinalMark: 'º|°',
    dayOfMonth: 'el|el día|día|al|del|hasta el|antes del|para el|al día',
    at: 'a las|a la|a|sobre las|antes de las|hacia las|,',
    clock: 'horas|hrs|h',
    atHour: 'a las|a la|antes de las',
    afternoon: 'de la tarde|de la noche',
    weekdayPart: '',
    weekLater: 'en ocho días|en ocho',
    time: 'tiempo|vez|veces',
    weeks: 'semanas|meses|días',
    thatDay:
      'antes de esa fecha|antes de ese día|para entonces|antes de entonces|hasta entonces|ese día|en esa fecha|ese mismo día|de aquí a entonces|antes de esa hora|para esa fecha',
    beforeThen: 'antes|para entonces',
    dayBefore:
      'el día antes|el día anterior|la víspera|un día antes|la noche antes|la noche anterior|en la víspera|el día de antes|la tarde anterior|la tarde antes|la tarde de antes|la noche de antes',
    before: 'antes|de antelación|con antelación|previos a|de anticipación|con anticipación|anteriores a',
    noon: 'mediodía|las doce del mediodía|las 12 del mediodía',
    dayPart:
      'fin del día|final del día|el final del día|fin de la jornada|final de la jornada|cierre|por la mañana|por la tarde|por la noche|tarde|noche|medianoche|a primera hora|a última hora|primera hora|última hora|el cierre de oficinas',
    nth: '1 primer|2 segundo|3 tercer|4 cuarto|-1 último',
    nthOf: 'de|del|de cada',
    feasts:
      '0 jueves santo|1 viernes santo|2 domingo de resurrección|2 domingo de pascua|2 pascua|3 lunes de pascua|4 día de la ascensión|5 pentecostés|6 lunes de pentecostés|7 nochebuena|8 navidad|8 día de navidad|9 nochevieja|10 año nuevo',
    weekNumber: 'semana|semana n.º|semana número',
    from: 'del|de|entre el|entre|desde el|desde',
    to: 'al|a|y el|y|hasta el|hasta|-',
    begins: 'a partir del|desde el|desde|a partir de|a contar del',
    every:
      'cada|todos los|todas las|diario|semanal|mensual|los lunes|los martes|los miércoles|los jueves|los viernes|a diario|entre semana|los días laborables|los días hábiles',
    or: 'o|u',
  },
  cues: {
    by: 'me vale con que sea|basta con que sea|válido hasta el|válida hasta el|tiene hasta el|tienes hasta el|tienen hasta el|tiene de plazo hasta|antes del|antes de|antes de la|a más tardar|a más tardar el|a más tardar a|como muy tarde|como muy tarde el|como máximo|como máximo el|fecha límite|fecha límite es el|fecha límite el|la fecha límite es|plazo|plazo hasta el|el plazo termina el|el plazo finaliza el|el plazo vence el|el plazo es el|vence el|vence|vencen el|vencimiento|caduca el|expira el|termina el|finaliza el|cierra el|cierran el|no más tarde del|no más tarde de|con fecha límite|con vencimiento el|a entregar el|en un plazo de|en el plazo de|se cierra el|se cierran el|fecha tope|entrega|tiene de plazo hasta el|concluye el|lo ideal sería|lo ideal sería el|ideal sería|antes de que acabe|antes de que termine|antes de que',
    until:
      'válido hasta el|válida hasta el|dentro de|previo al|previo a|antes que|para|para el|para la|hasta|hasta el|en los próximos|en las próximas|dentro de los próximos|dentro de las próximas',
    on: 'el|para el|del|al|este|esta|es el|es|en|a|la|de|dia|día|el día|a finales de',
    latest:
      'a más tardar|como muy tarde|como máximo|como tarde|es la fecha límite|es el último día|o antes|es el plazo|máximo|es el límite|como muy muy tarde|a lo más tardar|lo más tarde|me basta|basta|es suficiente|está bien|me vale|sería perfecto|nos basta|estaría bien|como mucho|a lo sumo',
    dueNoun:
      'cierra|cierran|fecha límite|plazo|vencimiento|vence|caduca|fecha de entrega|último día|pendiente de pago|fecha tope|entrega|vencido|confirmación|cierre de inscripciones|deadline|expira|fecha de vencimiento|límite|a entregar|pagadero|última fecha|último plazo|fecha máxima',
    ahead: 'antes de|antes de que|antes del|a tiempo para',
    purpose:
      'a|para|antes de|a tiempo para|antes del|de cara a|con vistas a|antes de|antes de que|antes del|a tiempo para',
    must: 'debe|deben|debes|tiene que|tienen que|tienes que|deberá|deberán|ha de|han de|habrá de|habrán de',
    should: 'tendría que|tendrían que|debería|deberían',
    obligation:
      'puede|puedes|pueden|posible|se aceptan|debe|deben|debemos|debes|tiene que|tienen que|tenemos que|tienes que|hay que|necesito|necesitamos|necesita|necesario|necesaria|obligatorio|requerido|se requiere|debería|deberían|queremos|quisiera|quisiéramos|esperamos|recuerde|recuerda|recuerden|no olvide|no olvides|hace falta|es preciso|podrá|podrán|tendría que|tendrían que|tendrías que',
    ifHad:
      'si me llegara|si nos llegara|si me llegase|si nos llegase|si tuviera|si tuviéramos|si lo tuviera|si la tuviera|si recibiera|si recibiéramos',
    accepts: 'se admiten|admitimos|aceptamos|se aceptan',
    given:
      'tiene|tienes|tienen|tenéis|dispone|dispones|disponen|disponéis|le queda|te queda|os queda|les queda|le quedan|te quedan|os quedan|les quedan|cuenta con|cuentas con|dispondrá|dispondrás|dispondrán|tendrá|tendrás|tendrán|tendréis|todavía hay tiempo|aún hay tiempo|hay tiempo',
    wish: 'preferiblemente|a ser posible|idealmente|si es posible|si puede ser|de preferencia|mejor aún|si puedes|a ser posible ya|mejor ya',
    event:
      'reunión|encuentro|inauguración|visita|tendrá lugar|tiene lugar|se celebrará|se celebra|llegada|llega|llegará|reservado|previsto|prevista|concierto|taller|conferencia|seminario|formación|curso|fiesta|almuerzo|comida|cena|recepción|vacaciones|ceremonia|llamada|entrevista|cita|exposición|feria|viaje|salida|comienza|empieza|inicio|cumpleaños|boda|ensayo|inspección|será entregado|apertura|asamblea|sesión|jornada|evento|abre|congreso|charla|celebración|les invitamos|te invitamos|festival|se inaugura|partido',
    placeAt: 'en|en el|en la',
    placeLabel: 'lugar|dónde|sala|sitio',
    withWhom: 'con',
    peopleLabel: 'asistentes|participantes|con',
    past: 'era|fue|fueron|recibido|recibimos|recibí|enviado|enviamos|envié|pasado|última|reunimos|hablamos|pedimos|compramos|entregado|llegó|había|tuvo lugar|pagado|firmado|acordado|escribió|ayer|hemos|se celebró|enviaron|estuvo|solicitamos el|desde el|desde la|desde hace|desde ayer',
    issue:
      'fecha|fechado|fechada|con fecha|emitido|emitida|fecha de emisión|de fecha|del|fecha de factura|creado|factura del|carta del|correo del|mensaje del|publicado|versión|expedido',
    absence:
      'ausente|fuera de la oficina|de vacaciones|cerrado|cerrada|cerrados|no disponible|estaré de vuelta|de vuelta el|de vuelta en la oficina|horario de atención|abierto|abierta|de baja|de permiso|regreso|horario|no estaré|estaré fuera|estamos fuera|estoy fuera|está fuera|de viaje|cerradas',
    needless: 'nada|no hace falta|no es necesario|no tiene que|no tienes que',
    delivered:
      'será entregado|será entregada|llegará|llegarán|en reparto|se entregará|llegarle|llegarte|llegarles|llegaros',
    commit:
      'voy a|vamos a|le enviaré|le enviaremos|les enviaremos|te enviaré|te envío|le envío|puedo|podemos|prevemos|recibirá|recibirán|recibirás|entregaremos|estaré|estaremos|será entregado|se entregará|se enviará|les informaremos|le informaremos|volveré|le responderemos|le contestaré|te llamaré|llegaremos|pasaré|pasaremos|le llamaré',
    future:
      'siguen|seguirán|normalmente|habitualmente|será|serán|estará|estarán|va a ser|van a ser|quedará|quedarán',
    state:
      'sigue|siguen|seguirá|permanece|permanecerá|permanecerán|queda abierta|disponible|disponibles|válido|válida|válidos|válidas|vigente|vigentes|dura|durará|garantía|garantizado|consultarse|expuesto|expuesta|a la venta|en vigor|asegurado|asegurada|continúa|rige|se mantiene|accesible|visitarse|verse|consultado|consultada|abierto|abierta|abiertos|abiertas|se mantiene|se mantienen|rebajas',
    offer:
      'oferta|presupuesto|descuento|vale|código|tarifa|propuesta|opción|reserva|invitación|promoción|cotización|encuesta|votación|cuestionario|precio|precios',
    coming: 'venir|venga|ven|asistir|invitar|invitamos|invitados',
    move: 'aplazado|aplazada|pospuesto|pospuesta|retrasado|retrasada|ampliado|ampliada|prorrogado|prorrogada|adelantado|adelantada|se amplía|se aplaza|nueva fecha|nuevo plazo|corrección|mejor|en lugar|finalmente|ahora es|se traslada|trasladado|quería decir|se pospone|se retrasa|pasa del|pasa al|se adelanta|mejor el|ampliamos|prorrogamos|aplazamos|posponemos|prorroga|retrasar|aplazar|ampliar|prorrogar|posponer|adelantar',
    change: 'cambiado|cambiada|cambia|cambió|modificado|modificada',
    instead: 'en lugar de|en lugar del|en vez de|en vez del|y no|no el|no para el|y no el',
    lift: 'ya no es necesario|ya no hace falta|ya no necesitamos|ya no necesito|no es necesario que lo|no es necesario que la|no es necesario que los|no es necesario que las|no es necesario que me lo|no es necesario que me la|no es necesario que nos lo|no es necesario que nos la|no hace falta que lo|no hace falta que la|no hace falta que los|no hace falta que las|no hace falta que me lo|no hace falta que me la|no hace falta que nos lo|no hace falta que nos la|ya no se necesita|cancelado|cancelada|queda cancelado|queda anulado|anulado|ignore|ignora|ignoren|sin efecto|ya está hecho|ya está resuelto|ya no se requiere|ya no tiene que|ya no tienes que|ya no tienen que|ya no es preciso|queda sin efecto|no lo envíe|ya no hay que|no tiene que hacer nada|no tienes que hacer nada|no tienen que hacer nada|no es necesario hacer nada|no hay que hacer nada|no debe hacer nada|nada que pagar|ninguna acción|deja lo del|ya no tenéis que|ya no es necesaria|ya no son necesarios|ya no hacen falta|no es necesario que hagas nada|no es necesario que haga nada|no hace falta que hagas nada|olvida|olvídate de|olvídese de|olvide lo',
    otherwise: 'si no|de lo contrario|de no ser así|en caso contrario|a falta de',
    optional: 'desistir|cancelar gratuitamente|cancelar sin coste|cancelar sin cargo|cancelación gratuita',
  },
  requests: {
    please:
      'por favor|porfa|gracias|si es posible|muchas gracias|también|además|y|luego|entonces|por favor,|si puede|si puedes|de antemano|amablemente',
    frames,
    self: 'tengo que|debo|he de',
    toDo: 'por hacer:|pendiente:|hay que|no olvidar|recordar',
    announce:
      'le recordamos que|les recordamos que|te recordamos que|os recordamos que|recordamos que|le recuerdo que|te recuerdo que|os recuerdo que|recordad que|recuerden que|recuerda que|recuerde que|le informamos de que|les informamos de que|informamos de que|le informamos que|se comunica que|le comunicamos que|les comunicamos que|tenga en cuenta que|tengan en cuenta que|no olvide que|no olviden que|se informa de que|recordatorio:|se informa … que|se comunica … que|informamos … que|se recuerda … que|recordamos … que',
    arrive:
      'llegar|llegarnos|llegarme|obrar en nuestro poder|estar en nuestro poder|recibirse|haber llegado|estar en nuestras manos',
    is: 'es|era|termina|vence|finaliza|acaba|expira|concluye|fue',
    forAction: 'para|de|del',
    actionNouns:
      'pedido pedir|encargo encargar|reserva reservar|solicitud solicitar|pedidos pedir|encargos encargar|envío enviar|entrega entregar|pago pagar|firma firmar|respuesta responder|remisión remitir|devolución devolver|abono abonar|revisión revisar|ingreso ingresar|inscripción inscribir|inscripciones inscribir|asistencia asistir|votación votar',
    may: '',
    needs,
    othersNeed:
      'necesita|necesitan|pide|piden|solicita|solicitan|requiere|requieren|espera|esperan|exige|exigen|quiere|quieren',
    unless: 'si',
    whoever:
      'quienes de vosotros|aquellos que|aquellas que|quien|quienes|los que|las que|quien quiera|las personas que',
    letArrive:
      'hacer llegar|hiciera llegar|hiciese llegar|hicieran llegar|haga llegar|hagan llegar|haz llegar|hagas llegar|hacernos llegar|hacerme llegar',
    can: 'puede|pueden|puedes|podéis|podría|podrían|podrías|podríais|querría|querrías|quieres|puede usted|podría usted',
    withoutDoing: 'de no|salvo que|en caso de no|caso de no|a menos que',
    auxiliary: 'es|son|sea|sean|está|están|ha sido|han sido|fuera|fueran|ser|quede|queden|esté|estén',
    pay: 'Pagar',
    ifYou: 'si|si usted|si nos|si lo|si la|si me',
    presents:
      'aquí va|aquí está|aquí tiene|aquí tienes|adjunto|adjuntamos|le adjunto|te adjunto|les adjunto|le envío|te envío|ahí va|le remito|te paso|le paso',
    writerFirst: 'yo|nosotros|queremos|quiero|quisiéramos|vamos a|voy a|tenemos|tengo',
    answer: 'Responder',
    answers: 'responder|contestar',
    bills: 'factura|importe|saldo|cuota|alquiler|fianza|señal|suma|prima|impuesto|tasa|recibo|cantidad',
    yours: 'su|sus|tu|tus|vuestro|vuestra|vuestros|vuestras',
    awaits: 'esperamos|espero|a la espera|esperando|aguardamos',
    mayPassive: 'puede ser|pueden ser|podrá ser|podrán ser|puede|pueden|podrá|podrán',
    provide: 'Enviar',
    passive:
      'debe ser|deben ser|debe|deben|tiene que ser|tienen que ser|ha de ser|debería ser|está por|están por|deberá ser|deberán ser|debe sernos|deberá sernos|deben sernos|deberán sernos|ha de sernos|han de ser|tendrá que ser|tendrán que ser|deberían ser|debe haber sido|queda por ser|ha de|han de|habrá de|habrán de|deberá|deberán|deberá estar|deberán estar|debe estar|deben estar|tiene que estar|tienen que estar|ha de estar',
    courtesy:
      'una pregunta|una duda|recibir|no dude|no dudes|no duden|tenga en cuenta|ten en cuenta|encontrar|encontrará|adjunto|acepte|disculpe|disculpen|disculpa|reciba|recibir un cordial|no responda|no responder|piense en el medio|considere|la comprensión|su comprensión|su atención|su colaboración|tener en cuenta|su paciencia|su confianza|su interés|ponerse en contacto si|digamos|pongamos|haber aceptado|aceptar|haber respondido|recibirles|recibirle|verle|verte|saludarle|noticias suyas|darse de baja|le adjunto|te adjunto|nos vemos|la confianza|su preferencia|el interés|la paciencia|venir a vernos|vernos|gracias por haber|gracias por|deberías recibir|debería recibir|hable conmigo|habla conmigo|diríjase a|si hay dudas|si tiene dudas|si tienes dudas',
    that: 'que',
    relative: 'que',
    gets: 'encuentra|encontrará|encontrarán|recibe|recibirá|recibirán|obtiene|tiene|tienen|es|puede|pueden|paga|tendrá|tendrán',
    someone: 'ayuda|voluntarios|una mano|a alguien|alguien',
    states: 'tener|ser|estar|saber|recibir|poder',
    goes: 'sería posible|es posible|sería factible|podría ser|puede ser|te va bien|le va bien',
    generic:
      'decir|dime|díganos|responder|responda|contestar|conteste|gestionar|gestiona|gestione|tramitar|tramita|tramite|hacer|haz|encárgate|encárguese|ver|resolver|saber',
    looks: 'ver|mirar',
    glances: 'echar un vistazo|dar un vistazo|echar una ojeada',
    verbs,
    moreVerbs,
    bring: 'traer|llevar|venir|acudir',
    homographs:
      'firma|cuenta|visita|compra|reserva|entrega|prueba|copia|llama|informe|cierre|pase|factura|carga|conteste|publica|tramite|ordena|pregunta|limpia|completa|valida|busca|sube|responde|paga|pida',
    determiners:
      'el|la|los|las|un|una|unos|unas|mi|mis|tu|tus|su|sus|nuestro|nuestra|nuestros|nuestras|este|esta|estos|estas|ese|esa|todos|todas|todo|toda|cada|dos|tres|nos|me|al|vuestro|vuestra|vuestros|vuestras|a alguien|alguien',
    forms:
      'haga hacer|haz hacer|hagan hacer|hagas hacer|diga decir|digan decir|digas decir|di decir|ponga poner|pon poner|pongan poner|pongas poner|proponga proponer|propongan proponer|disponga disponer|reponga reponer|venga venir|ven venir|vengan venir|traiga traer|traigan traer|traigas traer|tenga tener|ten tener|mantenga mantener|mantén mantener|mantengan mantener|obtenga obtener|salga salir|esté estar|estén estar|dé dar|den dar|des dar|vea ver|vean ver|veas ver|oiga oír|vaya ir|sepa saber|dime decir|dinos decir|dile decir|diles decir|dame dar|danos dar|dale dar|hazme hacer|haznos hacer|hazlo hacer|hazla hacer|ponme poner|ponlo poner|ponla poner|ponnos poner|tenme tener|dadme dar|decidme decir|decidnos decir|hiciera hacer|hiciese hacer|trajera traer|dices decir|haces hacer|traes traer|pones poner|tienes tener|vienes venir|echa echar|saca sacar',
    third: 'hace hacer|dice decir|pone poner|propone proponer|trae traer|tiene tener|obtiene obtener',
    participles:
      'hecho hacer|hecha hacer|escrito escribir|escrita escribir|puesto poner|devuelto devolver|devuelta devolver|devueltos devolver|devueltas devolver|resuelto resolver|resuelta resolver|abierto abrir|cubierto cubrir|visto ver|impreso imprimir|impresa imprimir|inscrito inscribir|suscrito suscribir|suscrita suscribir|dicho decir|dicha decir|previsto prever|prevista prever|compuesto componer|dispuesto disponer|expuesto exponer|expuesta exponer|impuesto imponer|propuesto proponer|propuesta proponer|repuesto reponer|repuesta reponer|puesta poner|puestos poner|puestas poner|vuelto volver|disuelto disolver|abierta abrir|abiertos abrir|cubierta cubrir|descubierto descubrir|descrito describir|transcrito transcribir|roto romper|rota romper|impresos imprimir|impresas imprimir|inscrita inscribir|inscritos inscribir|deshecho deshacer|rehecho rehacer|hechos hacer|hechas hacer|vista ver|escritos escribir|escritas escribir',
    compounds: false,
    verbLast: false,
    particles: '',
    indirect: 'nos|me|le|les|a nosotros|a mí|-nos|usted|ustedes|te|se',
    fillers:
      'que usted|que|también|ya|además|por favor|nos|me|le|les|favor|rápidamente|urgentemente|usted|ustedes|nuevamente|te|se|lo|la|los|las|no olvide|pasar a|venir a|ir a|proceder a|directamente|simplemente|quizá|quizás|tal vez|ahora|antes',
    clitics: 'lo|la|los|las|se lo|se la|se los|se las|me lo|me la|nos lo|nos la|nos los|me los',
    elliptic:
      'los tres|las tres|todo ello|todo esto|estos datos|estos documentos|esta información|esta documentación|otro|otra|otros|otras|uno nuevo|una nueva|unos nuevos|unas nuevas|algunos|algunas|unos cuantos|unas cuantas|el tuyo|la tuya|los tuyos|el suyo|la suya|los suyos|el resto|todo|todos|eso|esto|ello|ambos|un recambio|uno|una|la vuestra|los demás|el vuestro|los vuestros|de ello|de eso|de esto',
    pronouns: 'lo|la|los|las|esto|eso',
    reason:
      'para que|a fin de|con el fin de|para poder|porque|ya que|puesto que|dado que|de lo contrario|si no|antes de que|en cuanto|que debe|pero|gracias|muchas gracias|de modo que|así podremos|en caso contrario|de no ser así|después de eso|o no|y te los|y se los|y te lo|si no,|y empiezo|y así|y yo|hasta ahora|hasta el momento',
    negation: 'no|nunca|nada',
    nothing: 'nada',
    polite: 'por favor|porfa',
    modals: '',
    be: 'ser|sernos|serme|haber sido|estar',
    once: 'en cuanto|cuando|una vez|tan pronto como|después de|antes de',
    condition: 'si|en caso|caso',
    goal: 'para',
    so: 'así que|por lo que|por eso|por tanto',
    sum: 'total|subtotal|suma|total general|importe total',
    finished: 'hecho|hecha|completado|completada|terminado|sí|ok',
    afterNoun: 'es|fue|de|del|para',
    writer: '',
    you: '',
    doForMe:
      'me|nos|¿me|¿nos|tú me|¿le|¿les|le|les|se lo|se la|se los|se las|me lo|me la|me los|me las|nos lo|nos la|os lo',
    beforeOrder: 'que lo|que la|que los|que las|que nos|que me|que',
    and: 'y|e',
    assigns: 'debe|va a',
    aside:
      'si|cuando|quien|yo|nosotros|el|la|ya|nos|luego|después|y así|pues|es decir|o sea|esto es|y te|y le|nos ayudaría|me ayudaría|sería|nos',
    fromNowOn:
      'disponible de inmediato|disponibles de inmediato|de inmediato disponible|entrega inmediata|con efecto inmediato|inmediatamente después|justo después|nada más terminar|al terminar',
    levels: { high: 'alta|alto', medium: 'media|medio', low: 'baja|bajo' },
    high: 'urgente|urgentes|urgentemente|con urgencia|lo antes posible|cuanto antes|asap|crítico|prioridad alta|alta prioridad|inmediatamente|de inmediato|muy importante|máxima prioridad|prioridad: alta|a la mayor brevedad|con carácter urgente|urge|urgencia|máxima urgencia|lo más pronto posible|a la mayor brevedad posible|corre prisa|es prioritario|prioritario|prioritaria|con la mayor brevedad|con la máxima urgencia|apremia|con premura|cuanto antes mejor|sin demora|inaplazable|urgentísimo|urgentísima',
    medium: 'prioridad media|prioridad normal|prioridad: media|prioridad: normal|media prioridad',
    low: 'sin prisa|no hay prisa|no corre prisa|no es urgente|cuando tenga tiempo|cuando tengas tiempo|cuando puedas|cuando pueda|baja prioridad|prioridad baja|tómese su tiempo|tómate tu tiempo|prioridad: baja|nada urgente|sin urgencia|no urge|cuando tengas un momento|cuando tenga un momento|cuando tengas un rato|no es nada urgente|cuando te venga bien|cuando le venga bien|ninguna prisa|no corre ninguna prisa|no urgente|ninguna urgencia|no tiene prisa|no me corre prisa',
    taskHeading:
      'tareas|tarea|acciones|por hacer|pendientes|próximos pasos|puntos pendientes|por favor|podría|podrías|podrían|necesitamos que|hay que|lo siguiente|lista de tareas|qué hacer|acuerdos|compromisos|siguientes|necesitamos|cosas por hacer|plan de acción|te pido|le pido|queda pendiente|pasos a seguir|unas cosas',
    otherHeading:
      'cómo|instrucciones|orden del día|agenda|precios|tarifas|horarios|horario|programa|menú|participantes|asistentes|adjuntos|contenido|temas|resumen del pedido|novedades|contacto|excusados|incluye|incluido|hecho|terminado|para su información|ingredientes|artículos|calendario|dirección|productos|servicios',
    action: 'acción|tarea|qué|actividad|descripción|punto|tema|trabajo|medida|paso|por hacer',
    owner: 'responsable|quién|asignado|asignado a|persona|encargado|encargada|nombre|a cargo',
    when: 'fecha|fecha límite|plazo|cuándo|para cuándo|vencimiento|vence|antes del|entrega|límite',
    done: 'estado|hecho|completado|terminado|progreso|listo|situación',
  },
  mail: {
    greeting:
      'queridas|estimadas|apreciadas|querida|apreciada|estimado|estimada|estimados|estimadas|hola|buenos días|buenas tardes|buenas noches|querido|querida|queridos|buenas|apreciado|apreciada|hola a todos|muy señor|muy señores',
    signOff:
      'saludos|un saludo|saludos cordiales|un cordial saludo|cordialmente|atentamente|le saluda atentamente|gracias|muchas gracias|un abrazo|abrazos|gracias de antemano|quedo a la espera|hasta pronto|besos|reciba un cordial saludo|con un cordial saludo|cordiales saludos|muy atentamente|que tenga un buen día|un saludo cordial|gracias y saludos|hasta luego',
    signOffFrom: 'de|desde',
    mobile: 'enviado desde mi|enviado desde|enviado con',
    legal:
      'confidencial|confidencialidad|destinatario|ha recibido este mensaje por error|recibido por error|prohibida|antes de imprimir|medio ambiente|protección de datos|rgpd|aviso legal|divulgación|virus|eliminarlo|destinatarios|por error|confidenciales|notifíquelo|copia o distribución|no autorizada|imprimir|responsable del tratamiento|datos personales|registro mercantil|cif',
    unsubscribe:
      'darse de baja|cancelar la suscripción|cancelar suscripción|lista de correo|ha recibido este|recibe este|ver en el navegador|política de privacidad|dejar de recibir|gestionar sus preferencias|baja de esta lista|anular la suscripción',
    external:
      'correo externo|remitente externo|mensaje externo|fuera de la organización|fuera de su organización|origen externo|no haga clic|procede de fuera|externo a la organización|externo:',
    automatic:
      'fuera de la oficina|respuesta automática|no entregado|no se ha podido entregar|confirmación de lectura|ausencia|error de entrega|leído:|autorespuesta',
  },
};
