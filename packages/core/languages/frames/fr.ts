import { combine } from '../words.ts';

/** What an order may stand behind (“could you …”). */
export const frames = [
  'vous devriez|tu devrais|il vous faudrait|il te faudrait',
  'essaie de|essayez de|tâche de|tâchez de|vois si tu peux|voyez si vous pouvez|essaie d’|essayez d’',
  'demandons à … de|demande à … de|nous prions … de bien vouloir|prions … de|il est urgent de|il est indispensable de|seriez-vous assez aimable pour|serais-tu assez gentil pour|serais-tu assez gentille pour|me feriez-vous le plaisir de|tu me ferais plaisir de|me rendrais-tu le service de',
  combine(
    'il est|il serait|il devient',
    'urgent|indispensable|essentiel|important|nécessaire|impératif',
    'que vous|que tu|que vous nous|que tu nous',
  ),
  combine(
    'aurais-tu|auriez-vous|tu aurais|vous auriez',
    'la gentillesse|l’amabilité|l’obligeance|la bonté|le temps|la possibilité',
    'de|d’',
  ),
  combine('ce serait|ça serait|il serait|cela serait', '…', 'si', 'vous pouviez|tu pouvais|vous pourriez'),
  "il est conseillé de|il est recommandé de|il est conseillé d'|nous conseillons de|nous recommandons de",
  'il serait bon de|il serait utile de|il conviendrait de|il sera nécessaire de|il serait nécessaire de|il est temps de|il serait temps de|il serait bon d’|il importe de',
  'sont invités à|sont priés de|est prié de|sont invitées à|merci aussi de|merci aussi d’|merci également de|merci également d’|nous prions … de|pouvons-nous|pourrait-on|peut-on|quelqu’un peut-il|quelqu’un pourrait-il|quelqu’un peut|quelqu’un pourrait|l’un de vous peut-il|l’un d’entre vous peut-il|l’un de vous pourrait-il|je vous saurais gré de|nous vous saurions gré de|je vous serais reconnaissant de|je vous serais reconnaissante de|vous voudrez bien|tu voudras bien|merci de bien vouloir|merci de|merci d’|veuillez|veuillez bien|pourriez-vous s’il vous plaît|pourriez-vous|pouvez-vous s’il vous plaît|pouvez-vous|peux-tu s’il te plaît|peux-tu|pourrais-tu|je vous prie de bien vouloir|je vous prie de|nous vous prions de bien vouloir|nous vous prions de|je vous demande de|nous vous demandons de|je te demande de|je vous remercie de bien vouloir|je vous remercie de|nous vous remercions de bien vouloir|nous vous remercions de|je te remercie de|prière de|vous êtes priés de|vous êtes prié de|vous êtes invités à|nous vous invitons à|il faut|il faudrait|il faudra|il convient de|vous devez|tu dois|vous devrez|nous devons|on doit|il est nécessaire de|il est important de|n’oubliez pas de|n’oublie pas de|pensez à|pense à|auriez-vous l’amabilité de|auriez-vous la gentillesse de|serait-il possible de|est-il possible de|est-ce que vous pouvez|est-ce que vous pourriez|est-ce que tu peux|est-ce que tu pourrais|j’aimerais que vous|nous aimerions que vous|je voudrais que vous|je souhaiterais que vous|il serait bien de|ayez l’amabilité de|auriez-vous l’obligeance de|j’ai besoin que vous|j’ai besoin que tu|assurez-vous de|assure-toi de|vous serait-il possible de|te serait-il possible de|quelqu’un peut|quelqu’un pourrait|reste à',
  combine(
    'pourriez-vous|pourrais-tu|pouvez-vous|peux-tu|voudriez-vous|voudrais-tu|voulez-vous|veux-tu|sauriez-vous|pourrait-on|peut-on|pourrions-nous|est-ce que vous pouvez|est-ce que tu peux|est-ce que vous pourriez|est-ce que tu pourrais|tu pourrais|vous pourriez|tu veux bien|vous voulez bien|tu voudrais bien|vous voudrez bien|tu voudras bien|acceptez-vous de|acceptez de',
    '|s’il vous plaît|s’il te plaît|svp|stp|également|aussi|donc|bien|peut-être|éventuellement',
  ),
  combine(
    'je|nous',
    'vous|te',
    'prie|prions|demande|demandons|invite|invitons|remercie|remercions|saurais gré|saurions gré|serais reconnaissant|serais reconnaissante|serions reconnaissants|serions reconnaissantes|conseille|conseillons|rappelle|rappelons|encourage|encourageons|engage|engageons',
    'de bien vouloir|de|d’|à|par avance de|d’avance de|donc de|instamment de',
  ),
  combine('je t’invite|je t’encourage|nous t’invitons|je t’engage', 'à|vivement à'),
  combine(
    'vous êtes|tu es',
    'prié|priée|priés|priées|invité|invitée|invités|invitées|tenu|tenue|tenus',
    'de bien vouloir|de|d’|à',
  ),
  combine(
    'il vous|il te|il nous',
    'faut|faudra|faudrait|reste à|reste encore à|appartient de|revient de|suffit de|incombe de',
  ),
  combine(
    'j’ai|j’aurais|nous avons|nous aurions|il faut|il faudrait|il faudra|je souhaite|je souhaiterais|nous souhaitons|j’aimerais|nous aimerions|je voudrais|nous voudrions',
    '|besoin|vraiment besoin',
    'que',
    'vous|tu|vous nous|tu me',
  ),
  'il reste à|reste à|il y a lieu de|ça te dirait de|cela vous dérangerait-il de|ça t’ennuierait de|aurais-tu le temps de|auriez-vous le temps de|tu aurais le temps de|vous auriez le temps de|n’oubliez pas d’|n’oublie pas d’|pensez bien à|pense bien à|pensez aussi à|songez à|veillez à|veille à|veuillez nous|veuillez me|veuillez donc|veuillez également|prière d’|il est impératif de|il est demandé de|nous comptons sur vous pour|je compte sur toi pour|je compte sur vous pour|tu te charges de|vous vous chargez de|vous chargez-vous de',
  'passez|venez|viens|allez|va',
  combine(
    'as-tu|avez-vous|aurais-tu|auriez-vous|tu as|vous avez|tu aurais|vous auriez',
    'eu|',
    'le temps de|l’occasion de|la possibilité de|un moment pour|une minute pour|dix minutes pour|le temps d’',
  ),
  combine('il faudrait que|il faut que|il serait bien que', 'quelqu’un|l’un de nous|l’un de vous'),
  combine(
    'ça|cela',
    't’ennuierait|te dérangerait|vous ennuierait|vous dérangerait|t’embêterait|te gênerait',
    'de|d’',
  ),
  'c’est à toi de|c’est à vous de|c’est ton tour de|c’est votre tour de|il te revient de|il vous revient de',
  combine('veillez|veille|assurez-vous|assure-toi', '', 'à ce que|bien à ce que|que'),
  combine('ayez|aie', 'la gentillesse|l’amabilité|la bonté|l’obligeance', 'de|d’'),
  combine(
    'pourras-tu|pourrez-vous|tu pourras|vous pourrez|tu pourrais|tu peux|vous pouvez',
    '|s’il te plaît|s’il vous plaît|aussi|peut-être',
  ),
  'il suffit de|il vous suffit de|il te suffit de',
  combine(
    'je me demandais|nous nous demandions|je voulais savoir|je voulais vous demander|je voulais te demander|je voudrais savoir|je souhaitais savoir',
    'si',
    'vous|tu|quelqu’un',
    'pouviez|pouvais|pourriez|pourrais|pouvait|pourrait|voudriez bien|voulais bien|vouliez bien',
  ),
  combine(
    'ce serait|il serait|cela serait|ça serait',
    '|très|vraiment|bien',
    'gentil|aimable|sympa|sympathique|bien|utile|formidable|parfait',
    'de|d’',
    '|votre part de|ta part de',
  ),
  combine(
    'il est|il serait',
    '|très|vraiment',
    'important|essentiel|nécessaire|indispensable|impératif|urgent',
    'que',
    'vous|tu|vous nous',
  ),
  combine('qui', 'peut|pourrait|veut bien|voudrait|se charge de'),
  combine(
    'vous|tu',
    'aviez|avais|deviez|devais|vous étiez engagé à|t’étais engagé à',
    '|promis de|proposé de|accepté de',
  ),
  combine('votre|ta', 'mission|tâche|travail', 'est de|:|consiste à'),
  combine(
    'je|nous',
    'compte sur vous pour|compte sur toi pour|comptons sur vous pour|attendons que vous|attends que vous|attends que tu|attendons toujours que vous|attends toujours que tu',
  ),
  combine('il ne vous reste|il ne te reste|il vous reste|il te reste', 'plus qu’à|qu’à|à|encore à'),
  combine('te|vous', 'rappeler|demander|prier', 'de|d’'),
  combine('tu serais|vous seriez', 'gentil|gentille|aimable|adorable|bien aimable', 'de|d’'),
  combine('crois-tu|croyez-vous|penses-tu|pensez-vous|tu crois|tu penses', 'pouvoir'),
  combine('si', 'vous pouviez|tu pouvais|vous pouvez|tu peux|vous pourriez'),
  'prenez le temps de|prends le temps de|besoin que vous|besoin que tu|à toi de|à vous de|à nous de|quelqu’un pour|quelqu’un qui puisse|quelqu’un qui pourrait|en acceptant de|si vous acceptiez de|si tu acceptais de',
  combine(
    'rends-moi|rendez-moi|fais-moi|faites-moi',
    'service et|le plaisir de|plaisir et|la gentillesse de',
  ),
].join('|');

/** What a thing that is wanted may stand behind (“we still need …”). */
export const needs = [
  combine(
    'nous serions|je serais',
    'heureux de|heureuse de|ravis de|reconnaissants de|reconnaissant de|reconnaissante de',
    'recevoir|avoir|disposer de',
  ),
  'nous avons besoin de|nous avons besoin du|nous avons besoin des|nous avons besoin d’|j’ai besoin de|j’ai besoin du|j’ai besoin des|j’ai besoin d’|il nous faut|il me faut|il nous manque|il manque|nous attendons|j’attends|nous sommes en attente de|nous souhaitons recevoir|je souhaite recevoir|nous aurions besoin de|nous aurions besoin du|nous aurions besoin des|j’aurais besoin de|j’aurais besoin du|j’aurais besoin des|nous attendons toujours|il manque encore|il nous manque encore|dans l’attente de recevoir|nous aurions besoin d’|j’aurais besoin d’|il nous faudrait|il me faudrait|il me manque|il nous faut encore|nous demandons|nous requérons|nous manquons de|il faudrait|nous souhaiterions|nous aimerions recevoir|j’aimerais recevoir|nous espérons|reste manquant|nous sollicitons|nous désirons',
  combine(
    'nous|je',
    'comptons|compte|souhaitons|souhaite|espérons|espère|aimerions|aimerais|attendons de|attends de',
    'recevoir|avoir|obtenir|disposer de|disposer du|disposer des',
  ),
  combine('dans l’attente|en attente|nous restons dans l’attente', 'de|du|des'),
  combine('cela|ça', 'nous|m’', 'aiderait', '|beaucoup|bien', 'd’avoir|de recevoir|d’obtenir'),
  combine(
    'puis-je|pouvons-nous|peut-on|pourrais-je|pourrions-nous',
    'compter sur',
    '|le retour de|le retour du',
  ),
  combine(
    'j’aimerais|nous aimerions|je voudrais|nous voudrions|je souhaiterais',
    '|bien',
    'récupérer|avoir|recevoir|obtenir',
  ),
  'il ne manque plus que|il ne manque que|ne manque plus que',
  'il lui faut|il leur faut|il lui faudrait|il leur faudrait',
].join('|');
