import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  'teria de|teria que|terias de|teriam de|terias que|deveria|deverias',
  'vê se consegues|veja se consegue|a ver se|vê se podes|tenta|tente',
  'fazias-me o favor de|fazias-nos o favor de|faria o favor de|fazia o favor de|faz-me o favor de|importas-te de|importa-se de|importam-se de|importava-se de|importavas-te de|fazia-me o favor de|faça-me o favor de|farias o favor de|faz o favor de',
  combine(
    'é|seria|torna-se',
    'urgente|importante|necessário|imprescindível|indispensável|essencial|fundamental',
    'que',
    '|nos|me',
  ),
  combine('seria', '…', 'se', 'pudesse|pudesses|pudessem'),
  'aconselha-se|recomenda-se|recomendamos que|aconselhamos que|recomendamos|aconselhamos',
  'seria preciso|será preciso|era preciso|é preciso|é necessário|seria necessário|será necessário|seria bom|seria útil|convinha|convém|convirá|importa|cumpre|é favor',
  combine(
    '|lhe|lhes|vos',
    'solicitamos|solicito|solicita-se|pedimos|peço|pede-se|agradecemos|agradeço|agradecia|agradecíamos|rogamos|roga-se|agradece-se',
    'que|que nos|que me',
  ),
  'pedimos … que|solicita-se … que|peço … que|podíamos|podemos|poderíamos|solicita-se|pede-se|solicitamos a vossa excelência que|faça favor de|por favor|poderia por favor|podes por favor|pode por favor|favor|queira|queiram|peço que|pedimos que|recomendamos que|aconselhamos que|recomenda-se que|recomendo que|agradecíamos que|agradecia que|agradeceríamos que|agradeceria que|agradecemos que|agradeço que|peço-lhe que|pedimos-lhe que|peço-te que|pedia que|pedia-lhe que|pedia-te que|pedia o favor de|peço o favor de|solicitamos que|solicito que|agradeço que|agradecemos que|agradecia que|agradecíamos que|agradeceria que|agradeceríamos que|gostaria que|gostaríamos que|preciso que|precisamos que|preciso de que|quero que|deve|devem|deves|devemos|tem de|têm de|tens de|tem que|têm que|tens que|temos de|temos que|é preciso|é necessário|não se esqueça de|não te esqueças de|não se esqueçam de|lembre-se de|lembra-te de|não esqueça de|não esquecer de|seria possível|é possível|será possível|teria a amabilidade de|faça o favor de|faz o favor de|certifique-se de|certifica-te de|alguém pode|alguém poderia|gostaria de lhe pedir que|gostaria de pedir que|gostaria de pedir para|peço para|pedimos para|convidamos a|importa-se de|importas-te de|há que|convém|você poderia|você pode|vocês podem|vocês poderiam|consegue|consegues|conseguem|falta',
  combine(
    'peço|pedimos|solicito|solicitamos|agradeço|agradecemos|agradecia|agradecíamos|agradeceria|agradeceríamos|rogamos|rogo|pedia|pedíamos|pediria|pediríamos|lembro|lembramos|recomendo|recomendamos',
    '|-lhe|-lhes|-vos|-te|-lhe também',
    'que|para|o favor de|que nos|que me',
  ).replaceAll(' -', '-'),
  combine(
    'pode|podem|podes|podia|podiam|podias|poderia|poderiam|poderias|consegue|conseguem|consegues|conseguia|conseguias|queres|quererias|importa-se de|importas-te de|importam-se de|importava-se de|importavas-te de',
    '|por favor|você|vocês|alguém|fazer o favor de',
  ),
  'alguém consegue|tens tempo de|tem tempo de|encarregas-te de|encarrega-se de|ficas de|falta|resta|só falta|ficou por|está por|haverá que|convém|é favor|é favor de|façam o favor de|façam favor de|queira por favor|queiram por favor|queira fazer o favor de|deverá|deverão|deverás|deveria|deveriam|deverias|devíamos|terá de|terão de|terá que|terão que|terás de|tem a amabilidade de|tenha a bondade de|tenha a amabilidade de|seja tão amável de|vê se consegues|vejam se conseguem|veja se consegue|é importante|é fundamental|é imprescindível|não se esqueçam|lembrem-se de|recorde-se de|precisava que|precisávamos que|precisaria que|gostava que|gostávamos que|era bom que|seria bom que|dava-me jeito que|convidamo-lo a|convidamo-la a|convidamos a|convidamo-los a|convido-o a|convido-a a',
  'passe a|passa a|passem a|passem para|venha|venham|vá|vão',
  combine(
    'tens|tem|terias|teria|tiveste|teve|têm|teriam',
    'tempo|um momento|uns minutos|dez minutos|oportunidade',
    'de|para',
  ),
  combine('alguém', 'tem de|tem que|teria de|devia|deveria|deve'),
  'é a tua vez de|é a sua vez de|cabe-te|cabe-lhe|toca-te|toca-lhe|não te esqueças de|não se esqueça de|não se esqueçam de|não te esqueças|não se esqueça|passe a|passa a',
  'certifique-se de que|certifica-te de que|certifiquem-se de que',
  combine('tenha|tem|tenham', 'a', 'bondade|amabilidade|gentileza', 'de'),
  'basta|é suficiente|só tem de|só tens de',
  combine(
    'queria|queríamos|gostaria de|gostava de',
    'saber|perguntar|lhe perguntar|perguntar-lhe|perguntar-te',
    'se',
    'podia|podias|podiam|poderia|poderias|poderiam|pode|podes|consegue|consegues',
  ),
  combine('estava a pensar|pergunto-me|perguntava-me', 'se', 'podia|podias|poderia|poderias'),
  combine(
    'queria|queríamos|gostaria de|gostávamos de',
    'pedir-lhe|pedir-te|pedir-lhes|pedir-vos|lhe pedir',
    'que',
    '|nos|me',
  ),
  combine('pede-se|solicita-se|roga-se|agradece-se', 'a todos|a todas|aos|às', '…', 'que', '|nos|me'),
  combine(
    'é|seria',
    '|muito',
    'importante|necessário|essencial|indispensável|fundamental|útil',
    'que',
    '|nos|me',
  ),
  combine('teria|terias|teriam|terá|tem|tens', 'a', 'gentileza|amabilidade|bondade', 'de|de nos|de me'),
  combine('quem', 'pode|poderia|quer|consegue|se encarrega de'),
  combine('prometeste|ficou de|ficaste de|comprometeu-se a|comprometeste-te a|ofereceu-se para'),
  combine('a sua|a tua', 'tarefa|missão', 'é'),
  combine('conto|contamos', 'contigo|consigo|convosco', 'para'),
  combine('continuamos|continuo|estamos|estou|ficamos', 'à espera|à espera de', 'que', '|nos|me'),
  combine('te|lhe|lhes|vos', 'lembre de|lembrar de|lembro de|recorde de'),
  combine('achas|acha|acham', 'que', 'podias|podia|podes|pode|consegues|consegue'),
  combine('só', 'lhe|te|lhes|vos', 'falta|resta'),
  combine(
    'se',
    'pudesse|pudesses|pudessem|puder|puderes|puderem|conseguisse|conseguisses|conseguir|conseguires',
  ),
  'reserve um tempo para|tire um tempo para|arranje tempo para|alguém que possa|alguém que pudesse|alguém para|que pudesses|que pudesse|insisto em que|insistimos em que|insisto que|insistimos que',
  combine(
    'posso|podemos|poderia|poderíamos',
    'pedir-lhe|pedir-te|pedir-lhes|pedir-vos|pedir|solicitar',
    'que|para',
    '|nos|me',
  ),
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  combine('precisávamos|precisava|precisaríamos|precisaria', 'de|do|da|dos|das|dela|dele|delas|deles'),
  'precisamos de|precisamos do|precisamos da|precisamos dos|precisamos das|preciso de|preciso do|preciso da|preciso dos|preciso das|necessitamos de|necessitamos do|necessitamos da|necessito de|aguardamos|aguardo|estamos à espera de|estamos à espera da|estamos à espera do|falta-nos|faltam-nos|ainda falta|ainda faltam|solicitamos o envio de|solicitamos o envio da|solicitamos o envio do|solicitamos o envio dos|solicitamos|solicito o envio de|ainda precisamos de|gostaríamos de receber|estamos a aguardar|estamos aguardando|continuamos à espera de|precisávamos de|precisava de|necessitamos|necessito|agradecemos o|agradecemos a|agradecemos os|agradecemos as|agradeço o|agradeço a|agradecíamos o|agradecíamos a|solicitamos o|solicitamos a|solicita-se o|solicita-se a|pedimos o|pedimos a|pede-se o|pede-se a|faz-nos falta|fazem-nos falta|é necessário o|é necessária a|estamos à espera dos|ficamos à espera de|aguardamos o|aguardamos a|aguardamos os|aguardamos as',
  combine(
    'esperamos|espero|contamos|conto|gostaríamos de|gostaria de|agradecia|agradecíamos',
    'receber|ter|dispor de',
  ),
  'contamos com|conto com|ficamos a aguardar|fico a aguardar|aguardamos pelo|aguardamos pela|faltam-me|falta-me',
  combine('ajudava-nos|ajudava-me|ajudaria|ajudar-nos-ia', '|muito', 'ter|receber'),
  combine('posso|podemos|poderia|poderíamos', 'contar com'),
  combine('gostava de|gostávamos de|gostaria de|gostaríamos de', 'ter|receber|reaver'),
  'preciso dela|preciso dele|precisamos delas|precisamos deles|precisamos dela|precisamos dele|precisamos de saber|preciso de saber',
].join('|');
