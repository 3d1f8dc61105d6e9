import { frames, needs } from '../frames/pt.ts';
import type { Language } from '../language.ts';
import { moreVerbs, verbs } from '../verbs/pt.ts';

export const pt: Language = {
  code: 'pt',
  common:
    'aos|nas|às|pela|está|já|dias|lhe|foi|vossa|o|a|os|as|e|de|do|da|dos|das|é|para|você|seu|sua|nos|nosso|nossa|com|por|que|este|esta|favor|tem|será|são|ser|em|no|na|ao|à|poderia|pode|não|um|uma|se|ou|eu|meu|minha|me|olá|obrigado|obrigada|até|mais|pelo',
  months: [
    'janeiro|jan',
    'fevereiro|fev',
    'março|mar',
    'abril|abr',
    'maio|mai',
    'junho|jun',
    'julho|jul',
    'agosto|ago',
    'setembro|set',
    'outubro|out',
    'novembro|nov',
    'dezembro|dez',
  ],
  weekdays: [
    'segunda-feira|segunda feira|2ª feira|2ª-feira',
    'terça-feira|terça feira|terça|3ª feira|3ª-feira',
    'quarta-feira|quarta feira|4ª feira|4ª-feira',
    'quinta-feira|quinta feira|5ª feira|5ª-feira',
    'sexta-feira|sexta feira|6ª feira|6ª-feira',
    'sábado|sábados',
    'domingo|domingos',
  ],
  shortDays: ['segunda|seg', 'ter', 'quarta|qua', 'quinta|qui', 'sexta|sex', 'sáb', 'dom'],
  numbers:
    '1 um|1 uma|2 dois|2 duas|3 três|4 quatro|5 cinco|6 seis|7 sete|8 oito|9 nove|10 dez|12 doze|14 catorze|14 quatorze|15 quinze|20 vinte|30 trinta',
  ordinals: [
    'primeiro|em primeiro lugar|primeiramente',
    'segundo|em segundo lugar',
    'terceiro|em terceiro lugar',
    'quarto lugar|em quarto lugar',
    'em quinto lugar',
    'sexto lugar',
    'depois|em seguida|além disso|de seguida|também',
    'finalmente|por fim|por último|para terminar',
  ],
  dates: {
    today: 'hoje|hoje mesmo|esta tarde|esta noite|esta manhã|ainda hoje',
    tomorrow: 'amanhã|amanhã de manhã|amanhã à tarde|amanhã cedo',
    dayAfterTomorrow: 'depois de amanhã',
    yesterday: 'ontem|anteontem',
    next: 'próximo|próxima|próximos|seguinte|da próxima semana|que vem',
    coming: 'este|esta|nesta|neste|desta|deste|corrente|do corrente|essa|nessa|esse|nesse',
    comes: 'que vem',
    last: 'passado|passada|último|última',
    hour: 'hora|horas',
    day: 'dia|dias|dias corridos|dias de calendário',
    workday: 'dia útil|dias úteis',
    week: 'semana|semanas',
    fortnight: 'quinzena|quinze dias',
    month: 'mês|meses',
    quarter: 'trimestre',
    year: 'ano|anos',
    endOf:
      'fim de|final de|fins de|o fim de|o final de|finais de|fim do mês de|ao fim de|ao final de|o último dia de|último dia de|que termine|que acabe',
    middleOf: 'meados de|em meados de|meio de|a meio de',
    startOf: 'início de|no início de|princípio de|começo de|inícios de|no começo de',
    weekEnd:
      'fim da semana|final da semana|o fim da semana|o final da semana|fim desta semana|final desta semana|o fim desta semana|fim de semana|ao fim da semana|ao final da semana',
    monthEnd:
      'fim do mês|final do mês|o fim do mês|o final do mês|fim deste mês|final deste mês|ao fim do mês|ao final do mês',
    yearEnd: 'fim do ano|final do ano|o fim do ano|o final do ano|fim deste ano',
    within:
      'no prazo de|num prazo de|em um prazo de|dentro de|em até|em|nos próximos|nas próximas|no prazo máximo de|daqui a|no espaço de|em no máximo|um prazo de|prazo de|prazo máximo de|um prazo máximo de|no decurso de',
    fromNow:
      'a partir de hoje|a contar de hoje|após a recepção|após o recebimento|a contar da recepção|a contar da data|após receção|de tempo|de prazo|a contar da receção',
    agoBefore: 'há',
    agoAfter: 'atrás',
    article: 'o|a|os|as',
    of: 'de|do|da|,',
    ordinalMark: 'º|°',
    dayOfMonth: 'o dia|dia|ao dia|do dia|no dia|até dia|até o dia|até ao dia|antes do dia',
    at: 'às|as|à|pelas|até às|até as|antes das|por volta das|,',
    clock: 'horas|hs|h|hrs',
    atHour: 'às|as|pelas|antes das|até às',
    afternoon: 'da tarde|da noite',
    weekdayPart: '',
    weekLater: 'a oito dias|a oito',
    time: 'tempo|vez|vezes',
    weeks: 'semanas|meses|dias',
    thatDay:
      'até lá|antes dessa data|até essa data|até esse dia|nesse dia|até então|nessa data|no mesmo dia|até essa hora|antes disso|dessa data|antes dessa data|essa data|nessa data',
    beforeThen: 'antes|até lá',
    dayBefore:
      'na véspera|no dia anterior|um dia antes|de véspera|no dia antes|na noite anterior|à véspera|na tarde anterior|na noite antes|no dia de antes',
    before: 'antes|de antecedência|com antecedência|mais cedo',
    noon: 'meio-dia|meio dia',
    dayPart:
      'fim do dia|final do dia|o fim do dia|o final do dia|ao fim do dia|fim do expediente|final do expediente|de manhã|à tarde|à noite|manhã|tarde|noite|meia-noite|da manhã|da tarde|da noite|fecho',
    nth: '1 primeiro|1 primeira|2 segundo|2 segunda|3 terceiro|3 terceira|4 quarto|4 quarta|-1 último|-1 última',
    nthOf: 'de|do|de cada',
    feasts:
      '0 quinta-feira santa|0 quinta santa|1 sexta-feira santa|1 sexta santa|2 domingo de páscoa|2 páscoa|3 segunda-feira de páscoa|4 dia da ascensão|5 pentecostes|6 segunda-feira de pentecostes|7 véspera de natal|7 consoada|8 natal|8 dia de natal|9 passagem de ano|9 véspera de ano novo|10 ano novo|10 dia de ano novo',
    weekNumber: 'semana|semana n.º|semana número',
    from: 'de|do dia|entre|entre os dias|desde|a partir de',
    to: 'a|ao dia|até|até ao dia|e|para|-|para o dia|para dia|ao',
    begins: 'a partir de|a partir do dia|desde|desde o dia|a contar de|a partir do',
    every:
      'cada|todos os|todas as|diário|semanal|mensal|às segundas|às terças|às quartas|às quintas|às sextas|diariamente|de dois|de duas|de três|de quatro|de cinco|de seis|de sete|de oito|de dez|de quinze|dias úteis|nos dias úteis|à semana',
    or: 'ou',
  },
  cues: {
    by: 'válido até|válida até|tem até|tens até|têm até|até|até ao|até o|até a|até à|até ao dia|até o dia|até dia|até ao final|até o fim|até às|antes de|antes do|antes do dia|antes da|o mais tardar|o mais tardar até|o mais tardar em|no máximo até|no máximo|no mais tardar|impreterivelmente até|até no máximo|data limite|data-limite|a data limite é|data limite é|o prazo é|o prazo termina em|o prazo termina no dia|o prazo termina a|o prazo acaba em|o prazo vai até|prazo até|prazo|prazo final|prazo de entrega|vence em|vence no dia|vence a|vence dia|vencimento em|vencimento|expira em|expira a|expira no dia|termina em|termina a|termina no dia|encerra em|encerra a|encerram-se em|encerram a|não depois de|pagável até|com vencimento em|no prazo de|em até|o ideal seria|o ideal era|caduca a|expira a|vence a|antes que',
    until: 'válido até|válida até|dentro de|antes que|para|para o dia|nos próximos|nas próximas',
    on: 'em|no|na|no dia|dia|de|do|da|a|ao|é|é o dia|é no dia|para o dia|esta|este|nesta|neste|às|até',
    latest:
      'o mais tardar|no máximo|no mais tardar|impreterivelmente|é a data limite|é o prazo|é o último dia|ou antes|no limite|basta|é suficiente|está bem|chega|serve|seria perfeito|é perfeito',
    dueNoun:
      'fecha|fecham|prazo|data limite|data-limite|vencimento|vence|expira|data de entrega|último dia|em atraso|encerramento|entrega|a pagar|deadline|limite|prazo final|prazo de entrega|vencida|termina|data de vencimento|confirmação|última data|data máxima',
    ahead: 'antes de|antes que|antes da|antes do|a tempo de',
    purpose:
      'à|ao|para|antes de|a tempo de|antes da|antes do|a tempo para|com vista a|antes de|antes que|antes da|antes do|a tempo de',
    must: 'deve|devem|tem de|têm de|tem que|têm que|deverá|deverão|terá de|terão de|há de|hão de|deve-se',
    should: 'deveria|deveriam',
    obligation:
      'pode|podes|podem|possível|aceitam-se|deve|devem|devemos|tem de|têm de|tem que|têm que|temos de|temos que|tens de|tens que|é preciso|preciso|precisamos|precisa|necessário|necessária|obrigatório|necessito|necessitamos|deveria|deveriam|queremos|gostaria|gostaríamos|esperamos|lembre-se|lembra-te|não se esqueça|não te esqueças|há que|convém|aguardamos|poderá|poderão|teria de|teriam de|teria que',
    ifHad:
      'se … me chegasse|se … nos chegasse|se tivesse|se tivéssemos|se recebesse|se recebêssemos|se eu tivesse',
    accepts: 'aceitamos|aceitam-se|são aceites|são aceitas',
    given:
      'tens|tem|têm|dispõe|dispões|dispõem|resta-lhe|restam-lhe|tem ainda|tens ainda|restam-te|têm ainda|terá|terás|terão|disporá|dispõe de|ainda há tempo|há tempo',
    wish: 'de preferência|preferencialmente|idealmente|se possível|melhor ainda|se puder ser',
    event:
      'reunião|encontro|inauguração|visita|terá lugar|tem lugar|realiza-se|realizar-se-á|será realizada|acontece|chegada|chega|chegará|reservado|previsto|prevista|marcada|marcado|concerto|oficina|workshop|conferência|seminário|formação|treinamento|curso|festa|almoço|jantar|recepção|receção|férias|cerimónia|cerimônia|chamada|entrevista|exposição|feira|viagem|partida|começa|início|inicia|aniversário|casamento|ensaio|inspeção|vistoria|abertura|assembleia|sessão|evento|abre|congresso|palestra|convidamos|festival|será entregue|decorre',
    placeAt: 'em|no|na|nos|nas',
    placeLabel: 'local|onde|sala|lugar',
    withWhom: 'com',
    peopleLabel: 'participantes|presentes|com',
    past: 'era|foi|foram|recebido|recebemos|recebi|enviado|enviámos|enviamos em|enviei|passado|última|reunimos|falámos|falamos|encomendado|comprámos|entregue|chegou|havia|teve lugar|pago|assinado|acordado|escreveu|ontem|tivemos|realizou-se|estive|aconteceu|solicitado em|desde o|desde a|desde há|desde ontem|desde segunda',
    issue:
      'data|datado|datada|com data|emitido|emitida|data de emissão|de|data da fatura|criado|fatura de|carta de|mensagem de|e-mail de|publicado|versão|expedido',
    absence:
      'ausente|fora do escritório|de férias|fechado|fechada|encerrado|encerrada|encerrados|indisponível|estarei de volta|estou de volta|de volta no dia|horário de funcionamento|horário de atendimento|aberto|aberta|de baixa|de licença|regresso|não estarei|estarei fora|estamos fora|estou fora|está fora|de viagem|fechados|fechadas|encerradas',
    needless: 'nada|não é preciso|não precisa|não tem de|não é necessário',
    delivered:
      'será entregue|serão entregues|chegará|chegarão|em distribuição|vai chegar|chegar-lhe|chegar até si|deverá chegar|deve chegar',
    commit:
      'vou|vamos|enviarei|enviaremos|envio-lhe|envio-te|posso|podemos|prevemos|receberá|receberão|receberás|entregaremos|estarei|estaremos|será entregue|será enviado|será enviada|informaremos|voltarei|responderemos|contactaremos|passarei|ligarei|irei|iremos|serão entregues',
    future:
      'seguem-se|seguirão|normalmente|habitualmente|será|serão|estará|estarão|vai ser|vão ser|fica|ficam|ficará|ficarão',
    state:
      'continua|continuam|permanece|permanecem|permanecerá|disponível|disponíveis|indisponível|válido|válida|válidos|válidas|vigora|vigente|dura|garantia|garantido|consultado|consultados|exposto|exposta|à venda|em vigor|segurado|mantém-se|acessível|patente|visitada|visitado|consultada|aberto|aberta|abertos|abertas|mantêm-se|mantém-se|mantêm|mantém|dura|duram|prolonga-se|saldos',
    offer:
      'oferta|orçamento|proposta|desconto|vale|código|tarifa|opção|reserva|convite|promoção|cotação|inquérito|votação|questionário|preço|preços',
    coming: 'vir|venha|vem|participar|convidar|convidamos|convidados',
    move: 'adiado|adiada|adiamos|prorrogado|prorrogada|prolongado|prolongada|antecipado|antecipada|passou de|passou para|passa para|passa de|nova data|novo prazo|correção|em vez|afinal|agora é|transferido|transferida|quis dizer|melhor|remarcado|remarcada|foi estendido|estendido|estendida|na verdade|alargado|alargada|dilatado|dilatada|passa do|passou do|passa da|passou da|passa a ser|prorrogamos|prolongamos|alargamos|prorroga|adiar|prorrogar|prolongar|alargar|antecipar',
    change: 'alterado|alterada|mudou|mudado|mudada',
    instead: 'em vez de|em lugar de|e não|ao invés de|não no dia|e não no|e não na',
    lift: 'já não é necessário|já não precisa|já não são precisas|já não são precisos|já não são necessárias|já não são necessários|já não é precisa|já não é necessária|já não precisamos|já não preciso|não é mais necessário|não precisamos mais|não preciso mais|não precisa mais|cancelado|cancelada|fica sem efeito|sem efeito|ignore|ignorem|ignora|já foi feito|já está feito|já está resolvido|anulado|anulada|deixou de ser necessário|não é preciso enviar|já não é preciso|já não tem de|não há mais necessidade|já não há necessidade|dispensado|não precisa de fazer nada|não tem de fazer nada|não tens de fazer nada|não precisas de fazer nada|não é preciso fazer nada|nada a pagar|nada a fazer|nenhuma ação|deixa lá|já não tens de|já não têm de|já não são necessários|já não faz falta|já não fazem falta|esquece|esqueça',
    otherwise: 'senão|caso contrário|de contrário|do contrário|na falta de',
    optional:
      'desistir|cancelar gratuitamente|cancelar sem custos|cancelar sem encargos|cancelamento gratuito',
  },
  requests: {
    please:
      'por favor|se possível|obrigado|obrigada|muito obrigado|muito obrigada|também|além disso|e|depois|então|desde já|se puder|gentilmente|pf|p.f.|já agora',
    frames,
    self: 'tenho de|tenho que|devo',
    toDo: 'a fazer:|por fazer:|há que|não esquecer de|preciso de',
    announce:
      'lembramos que|recordamos que|relembramos que|lembro que|recordo que|informamos que|informa-se que|vimos informar que|comunicamos que|não se esqueça de que|não se esqueçam de que|tenha em atenção que|note que|notem que|lembre-se que|lembre-se de que|serve o presente para informar que|lembrete:|vimos por este meio lembrar que|informa-se … que|informam-se … que|informamos … que|recorda-se … que|lembra-se … que',
    arrive:
      'chegar|chegar-nos|chegar-me|dar entrada|estar na nossa posse|ser recebido|ser recebida|ser recebidos|ser recebidas|estar nas nossas mãos',
    is: 'é|era|termina|acaba|finda|expira|foi',
    forAction: 'para|de|do|da',
    actionNouns:
      'encomenda encomendar|pedido pedir|reserva reservar|candidatura candidatar|envio enviar|entrega entregar|pagamento pagar|assinatura assinar|resposta responder|devolução devolver|remessa remeter|revisão rever|inscrição inscrever|preenchimento preencher|inscrições inscrever|candidatura candidatar|candidaturas candidatar|votação votar',
    may: '',
    needs,
    othersNeed:
      'precisa de|precisam de|pede|pedem|solicita|solicitam|exige|exigem|espera|esperam|aguarda|aguardam|quer|querem|pretende',
    unless: 'caso|se',
    whoever: 'aquelas que|todos os que|quem|os que|aqueles que|as pessoas que',
    letArrive: 'fazer chegar|faça chegar|façam chegar|faças chegar|fizesse chegar|fazer-nos chegar',
    can: 'pode|podes|podem|poderia|poderias|poderiam|podia|podias|podiam',
    withoutDoing: 'a menos que|salvo se|na falta de',
    auxiliary: 'seja|sejam|é|são|for|forem|esteja|estejam|tiver sido|ser|fique|fiquem|fica|ficam',
    pay: 'Pagar',
    ifYou: 'se|se o|se a|se nos',
    presents:
      'segue|seguem|segue em anexo|aqui vai|aqui está|em anexo|envio em anexo|junto|envio-lhe|envio-te|anexo|anexamos',
    writerFirst: 'eu|nós|queremos|quero|gostaríamos|vamos|vou|temos|tenho',
    answer: 'Responder',
    answers: 'responder',
    bills: 'fatura|valor|saldo|quota|renda|sinal|montante|prémio|imposto|taxa|mensalidade|importância|conta',
    yours: 'seu|sua|seus|suas|teu|tua|teus|tuas|vosso|vossa|vossos|vossas',
    awaits: 'esperamos|espero|aguardamos|aguardo|à espera',
    mayPassive: 'pode ser|podem ser|poderá ser|poderão ser|pode|podem|poderá|poderão',
    provide: 'Enviar',
    passive:
      'deve ser|devem ser|tem de ser|têm de ser|tem que ser|têm que ser|precisa de ser|precisam de ser|precisa ser|precisam ser|deverá ser|deverão ser|deve ser-nos|deverá ser-nos|devem ser-nos|deverão ser-nos|terá de ser|terão de ser|tem de ser-nos|deveria ser|deveriam ser|deve estar|deverá estar|tem de estar|têm de estar|terá de estar|tem que estar',
    courtesy:
      'uma pergunta|uma dúvida|receber|não hesite|não hesites|não hesitem|note que|tenha em atenção|tenha em conta|encontrar|encontre em anexo|encontra em anexo|segue em anexo|aceite|aceitar|desculpe|desculpem|desculpa|não responda|não responder|pense no ambiente|a compreensão|a sua compreensão|a atenção|a sua atenção|a colaboração|a disponibilidade|a sua resposta|receber os meus|considere|a paciência|observe que|a preferência|digamos|ter aceitado|ter aceite|ter respondido|vê-lo|vê-la|recebê-los|ouvir de si|partir de|partir do|partir da|cancelar subscrição|segue|seguem|até já|até breve|preferência|a confiança|a sua preferência|o contacto|o interesse|vir visitar|vir-nos visitar|nos vir visitar|obrigado por|obrigada por|deverá receber|deverás receber|deve receber|fale comigo|fala comigo|dirija-se a|em caso de dúvida|em caso de dúvidas',
    that: 'que',
    relative: 'que',
    gets: 'encontra|encontrará|recebe|receberá|receberão|obtém|tem|têm|é|pode|podem|paga|terá|terão',
    someone: 'ajuda|voluntários|uma mão|alguém',
    states: 'ter|ser|estar|saber|receber|poder',
    goes: 'seria possível|é possível|pode ser|dá jeito|consegue|dá',
    generic:
      'dizer|diz|diga|responder|responda|tratar|trata|trate|gerir|resolver|resolve|resolva|fazer|faz|ver|saber',
    looks: 'ver|olhar',
    glances: 'dar uma vista de olhos|dar uma olhada|dar uma olhadela|dar uma espreitadela',
    verbs,
    moreVerbs,
    bring: 'trazer|levar|vir',
    homographs:
      'conta|visita|compra|reserva|entrega|copia|troca|marca|fatura|junta|procura|informe|teste|testa|completa|publica|trata|valida|agenda|limpa|levante|conte|passe',
    determiners:
      'tudo|o|a|os|as|um|uma|uns|umas|meu|minha|meus|minhas|teu|tua|teus|tuas|seu|sua|seus|suas|nosso|nossa|nossos|nossas|este|esta|estes|estas|esse|essa|todos|todas|todo|toda|cada|dois|três|nos|me|lhe|ao|à|alguém',
    forms:
      'der dar|fizer fazer|puser pôr|disser dizer|trouxer trazer|faça fazer|façam fazer|faças fazer|diga dizer|digam dizer|digas dizer|diz dizer|traga trazer|tragam trazer|tragas trazer|traz trazer|veja ver|vejam ver|vejas ver|vê ver|reveja rever|revejam rever|revejas rever|revê rever|leia ler|leiam ler|leias ler|lê ler|peça pedir|peçam pedir|peças pedir|meça medir|ponha pôr|ponham pôr|proponha propor|proponham propor|disponha dispor|reponha repor|venha vir|venham vir|vem vir|tenha ter|obtenha obter|obtenham obter|mantenha manter|mantenham manter|esteja estar|estejam estar|dê dar|deem dar|dá dar|ouça ouvir|planeie planear|traduz traduzir|conduz conduzir|produz produzir|reduz reduzir|diz-me dizer|diz-nos dizer|dá-me dar|dá-nos dar|dê-me dar|dê-nos dar|faz-me fazer|faz-nos fazer|traz-me trazer|traz-nos trazer|põe-me pôr|dá-lhe dar|trouxesse trazer|fizesse fazer|dizes dizer|fazes fazer|trazes trazer|pões pôr|tens ter|vens vir|faculta facultar|faculte facultar|coloque colocar',
    third: 'dá dar|dás dar|faz fazer|põe pôr|propõe propor|mantém manter|obtém obter',
    participles:
      'feito fazer|feita fazer|feitos fazer|dito dizer|escrito escrever|escrita escrever|posto pôr|entregue entregar|entregues entregar|pago pagar|paga pagar|pagos pagar|pagas pagar|aceite aceitar|visto ver|revisto rever|revista rever|aberto abrir|impresso imprimir|impressa imprimir|inscrito inscrever|subscrito subscrever|subscrita subscrever|ganho ganhar|gasto gastar|limpo limpar|limpa limpar|dita dizer|feitas fazer|desfeito desfazer|refeito refazer|vista ver|vistos ver|previsto prever|prevista prever|escritos escrever|escritas escrever|descrito descrever|transcrito transcrever|abertos abrir|coberto cobrir|descoberto descobrir|posta pôr|postos pôr|exposto expor|proposto propor|proposta propor|disposto dispor|composto compor|reposto repor|reposta repor|impressos imprimir|impressas imprimir|eleito eleger|aceites aceitar|expulso expulsar|limpos limpar|limpas limpar|gasta gastar|ganha ganhar|solto soltar|solta soltar|suspenso suspender|suspensa suspender',
    compounds: false,
    verbLast: false,
    particles: '',
    indirect: 'nos|me|lhe|lhes|-nos|-me|-lhe|a nós|você|vocês|te|-lo|-la|se|para mim|para nós',
    fillers:
      'também|já|por favor|nos|me|lhe|novamente|rapidamente|você|urgentemente|ainda|então|que|te|se|o mais|vir|passar a|diretamente|simplesmente|talvez|agora|antes',
    clitics: 'o|a|os|as|mo|ma|lho|lha|no-lo|no-la|no-los|no-las|lhos|lhas',
    elliptic:
      'os três|as três|tudo isto|tudo isso|estes elementos|estes documentos|estes dados|esta informação|outro|outra|outros|outras|um novo|uma nova|uns novos|umas novas|alguns|algumas|o seu|a sua|os seus|o teu|a tua|os teus|o resto|tudo|isso|isto|ambos|um substituto|um|uma|os restantes|o mesmo|disso|disto',
    pronouns: 'o|a|os|as|isto|isso|ele|ela',
    reason:
      'para que|a fim de|de forma a|de modo a|para podermos|para que possamos|porque|pois|já que|uma vez que|visto que|caso contrário|antes que|assim que|que deve|mas|obrigado|obrigada|desde já obrigado|senão|dado que|muito obrigado|depois disso|se não|e eu|e nós|e começo|até agora|até ao momento',
    negation: 'não|nunca|nada',
    nothing: 'nada',
    polite: 'por favor|pf',
    modals: '',
    be: 'ser|ser-nos|ser-me|estar',
    once: 'assim que|quando|logo que|uma vez|depois de|antes de',
    condition: 'se|caso',
    goal: 'para',
    so: 'por isso|portanto|por tal',
    sum: 'total|subtotal|soma|total geral',
    finished: 'feito|feita|concluído|concluída|sim|ok',
    afterNoun: 'é|foi|de|do|da|para',
    writer: '',
    you: '',
    doForMe: 'tu|me|nos',
    beforeOrder: 'que o|que a|que os|que as|que nos|que me',
    and: 'e',
    assigns: 'deve|vai',
    aside: 'se|quando|eu|nós|o|a|nos|depois|e assim|ou seja|isto é|ajudava|ajudaria|seria',
    fromNowOn:
      'disponível de imediato|disponíveis de imediato|entrega imediata|com efeito imediato|com efeitos imediatos|imediatamente após|logo a seguir|logo depois|logo após|imediatamente a seguir',
    levels: { high: 'alta|alto', medium: 'média|médio', low: 'baixa|baixo' },
    high: 'urgente|urgentes|urgentemente|com urgência|o mais rápido possível|o mais rapidamente possível|o quanto antes|quanto antes|asap|crítico|prioridade alta|alta prioridade|imediatamente|de imediato|muito importante|máxima prioridade|prioridade: alta|com a máxima brevidade|logo que possível|assim que possível|o mais brevemente possível|urgência|com a maior brevidade|prioridade máxima|o mais depressa possível|urgentíssimo|urgentíssima|prioritário|prioritária|sem demora|inadiável|o quanto antes possível',
    medium: 'prioridade média|prioridade normal|prioridade: média|prioridade: normal|média prioridade',
    low: 'sem pressa|não há pressa|não é urgente|quando tiver tempo|quando tiveres tempo|quando puder|quando puderes|baixa prioridade|prioridade baixa|leve o seu tempo|prioridade: baixa|nada urgente|sem urgência|quando tiver um momento|quando tiveres um momento|quando tiver um tempinho|não tem pressa|não é nada urgente|quando der|sem nenhuma pressa|com calma|quando for possível|não urgente|sem pressa nenhuma|sem qualquer pressa',
    taskHeading:
      'tarefas|tarefa|ações|acções|a fazer|por fazer|pendentes|próximos passos|pontos pendentes|por favor|poderia|pode|podem|podes|precisamos que|é preciso|o seguinte|lista de tarefas|o que fazer|deliberações|compromissos|seguintes|precisamos|plano de ação|peço|pedimos|pendências|algumas coisas|falta fazer',
    otherHeading:
      'como|instruções|ordem de trabalhos|ordem do dia|agenda|preços|tarifas|horários|horário|programa|ementa|menu|cardápio|participantes|presentes|anexos|conteúdo|temas|assuntos|resumo da encomenda|resumo do pedido|novidades|contacto|contato|ausentes|inclui|incluído|feito|concluído|para informação|ingredientes|artigos|calendário|morada|produtos|serviços',
    action: 'ação|acção|tarefa|o quê|o que|atividade|descrição|ponto|assunto|trabalho|medida|passo|a fazer',
    owner: 'responsável|quem|atribuído|atribuído a|pessoa|encarregado|nome|a cargo',
    when: 'data|data limite|prazo|quando|até quando|vencimento|até|entrega|limite',
    done: 'estado|status|feito|concluído|situação|progresso|pronto',
  },
  mail: {
    greeting:
      'caras|queridas|estimadas|estimada|cara|caro|cara|caros|caras|olá|oi|bom dia|boa tarde|boa noite|prezado|prezada|prezados|prezadas|exmo|exma|exmos|estimado|estimada|estimados|querido|querida|viva',
    signOff:
      'cumprimentos|com os melhores cumprimentos|melhores cumprimentos|atenciosamente|cordialmente|abraço|um abraço|abraços|obrigado|obrigada|muito obrigado|muito obrigada|saudações|atentamente|com os meus cumprimentos|beijinhos|até breve|grato|grata|desde já obrigado|desde já obrigada|bom trabalho|att|cordiais saudações|com cumprimentos|até logo|respeitosamente|bjs|beijos',
    signOffFrom: 'de',
    mobile: 'enviado do meu|enviado a partir do|enviado de|enviado por telemóvel|enviado pelo meu',
    legal:
      'confidencial|confidencialidade|destinatário|recebeu esta mensagem por engano|recebeu por engano|recebido por engano|proibida|antes de imprimir|ambiente|proteção de dados|rgpd|aviso legal|divulgação|vírus|eliminá-la|nipc|cnpj|destinatários|por engano|por lapso|elimine|apague|notifique|não autorizada|imprimir|dados pessoais|capital social',
    unsubscribe:
      'cancelar a subscrição|cancelar subscrição|cancelar inscrição|descadastrar|lista de correio|recebeu este|recebe este|ver no navegador|política de privacidade|deixar de receber|gerir preferências|anular a subscrição|remover a subscrição|cancelar a inscrição',
    external:
      'e-mail externo|email externo|remetente externo|mensagem externa|fora da organização|origem externa|não clique|proveniente do exterior|externo à organização|veio de fora',
    automatic:
      'fora do escritório|resposta automática|não entregue|não foi possível entregar|recibo de leitura|ausência|falha na entrega|lida:|ausência temporária',
  },
};
