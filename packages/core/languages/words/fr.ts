import { frames, needs } from '../frames/fr.ts';
import type { Language } from '../language.ts';
import { moreVerbs, verbs } from '../verbs/fr.ts';

export const fr: Language = {
  code: 'fr',
  common:
    'le|la|les|et|de|des|du|est|pour|vous|votre|vos|nous|notre|avec|par|que|ce|cette|merci|avoir|sera|sont|être|il|elle|sur|au|aux|dans|pourriez|pouvez|ne|pas|un|une|si|ou|je|mon|ma|mes|en|qui|bonjour|d’ici|avant',
  months: [
    'janvier|janv',
    'février|févr|fev',
    'mars',
    'avril|avr',
    'mai',
    'juin',
    'juillet|juil',
    'août|aout',
    'septembre|sept',
    'octobre|oct',
    'novembre|nov',
    'décembre|déc|dec',
  ],
  weekdays: ['lundi|lundis', 'mardi', 'mercredi', 'jeudi', 'vendredi', 'samedi', 'dimanche'],
  shortDays: ['lun', 'mar', 'mer', 'jeu', 'ven', 'sam', 'dim'],
  numbers:
    '1 un|1 une|2 deux|3 trois|4 quatre|5 cinq|6 six|7 sept|8 huit|9 neuf|10 dix|12 douze|14 quatorze|15 quinze|20 vingt|30 trente|8 huitaine|15 quinzaine',
  ordinals: [
    'premièrement|d’abord|tout d’abord|en premier lieu|primo',
    'deuxièmement|en deuxième lieu|secundo',
    'troisièmement',
    'quatrièmement',
    'cinquièmement',
    'sixièmement',
    'ensuite|puis|de plus|par ailleurs|après cela|également',
    'enfin|finalement|pour finir|en dernier lieu',
  ],
  dates: {
    today: 'aujourd’hui|ce jour|ce soir|ce matin|cet après-midi',
    tomorrow: 'demain|demain matin|demain soir|demain après-midi',
    dayAfterTomorrow: 'après-demain',
    yesterday: 'hier|avant-hier',
    next: 'prochain|prochaine|prochains|prochaines|suivant|suivante|de la semaine prochaine',
    coming: 'ce|cette|cet|qui vient|courant|courante',
    comes: 'qui vient',
    last: 'dernier|dernière|passé|passée|derniers',
    hour: 'heure|heures|h',
    day: 'jour|jours|jours calendaires',
    workday: 'jour ouvrable|jours ouvrables|jour ouvré|jours ouvrés',
    week: 'semaine|semaines',
    fortnight: 'quinzaine|quinze jours',
    month: 'mois',
    quarter: 'trimestre',
    year: 'an|ans|année|années',
    endOf:
      'fin|la fin|fin du mois de|la fin du mois de|la fin de|fin de|le dernier jour de|dernier jour de|que finisse|que ne finisse',
    middleOf: 'mi|mi-|la mi|milieu|au milieu du|au milieu de|courant',
    startOf: 'début|le début|au début de|au début du|début de|tout début',
    weekEnd:
      'fin de semaine|fin de la semaine|la fin de la semaine|fin de cette semaine|la fin de cette semaine|la fin de semaine|week-end|weekend|ce week-end',
    monthEnd: 'fin de mois|fin du mois|la fin du mois|fin de ce mois|la fin de ce mois',
    yearEnd: 'fin de l’année|la fin de l’année|fin d’année|fin de cette année',
    within:
      'sous|dans les|dans un délai de|d’ici|dans|en|sous un délai de|dans un délai maximum de|au plus tard dans|d’ici à|avant|dans le délai de|un délai de|délai de|le délai de|au cours des',
    fromNow:
      'à compter d’aujourd’hui|à compter de ce jour|à compter de la réception|à réception|après réception|à compter de la date|à partir d’aujourd’hui|de temps|dès réception',
    agoBefore: 'il y a|voici',
    agoAfter: '',
    article: 'le|la|l’|les',
    of: 'de|du|d’|de l’|de la|,',
    ordinalMark: 'er',
    dayOfMonth: 'le|au|du|d’ici le|avant le|pour le|jusqu’au',
    at: 'à|vers|avant|pour|,|dès',
    clock: 'heures|heure|h',
    atHour: '',
    afternoon: 'de l’après-midi|du soir',
    weekdayPart: '',
    weekLater: 'en huit',
    time: 'temps|fois',
    weeks: 'semaines|jours',
    thatDay:
      "d'ici là|avant cette date|à cette date|ce jour-là|avant ce jour|le même jour|avant ce jour-là|avant cette échéance|avant cette heure",
    beforeThen: 'avant|d’ici là|avant cela',
    dayBefore:
      "la veille|le jour d'avant|la veille au soir|le jour précédent|dès la veille|un jour avant|le soir précédent|la veille dans la soirée|le jour même avant",
    before: "avant|plus tôt|à l'avance|auparavant|précédant|d'avance",
    noon: 'midi',
    dayPart:
      'fin de journée|fin de la journée|la fin de la journée|en fin de journée|matin|après-midi|soir|soirée|matinée|nuit|minuit|fermeture des bureaux|fermeture|dans la journée|au matin|au soir',
    nth: '1 premier|2 deuxième|2 second|3 troisième|4 quatrième|-1 dernier',
    nthOf: 'du|de chaque|d’',
    feasts:
      '0 jeudi saint|1 vendredi saint|2 dimanche de pâques|2 pâques|3 lundi de pâques|4 ascension|5 pentecôte|6 lundi de pentecôte|7 veille de noël|7 réveillon de noël|8 noël|8 jour de noël|9 saint-sylvestre|9 veille du nouvel an|10 nouvel an|10 jour de l’an',
    weekNumber: 'semaine|semaine n°|sem.',
    from: 'du|de|entre|entre le|à partir du',
    to: 'au|à|et|et le|jusqu’au|-',
    begins: 'à partir du|à compter du|dès le|dès|à partir de|à compter de|depuis le',
    every:
      'chaque|tous les|toutes les|quotidien|hebdomadaire|mensuel|les lundis|les mardis|les mercredis|les jeudis|les vendredis|le lundi matin|en semaine|les jours ouvrés|les jours ouvrables',
    or: 'ou',
  },
  cues: {
    by: 'valable jusqu’au|valable jusqu’à|vous avez jusqu’au|tu as jusqu’au|vous avez jusqu’à|d’ici|d’ici le|d’ici au|d’ici à|d’ici la|avant|avant le|avant la|au plus tard|au plus tard le|au plus tard à|au plus tard pour le|date limite|date limite :|date limite le|date limite est le|date limite fixée au|dernier délai|dernier délai le|délai|délai au|à rendre le|à rendre pour le|payable au|échéance|échéance le|échéance au|échéance fixée au|expire le|expirent le|se termine le|clôture le|clôture des inscriptions le|clôturent le|ferment le|pas plus tard que|rsvp|sous|à remettre le|à remettre pour le|dû le|due le|l’échéance est le|prend fin le|attendu le|attendue le|attendus le|l’idéal serait|l’idéal serait le|idéalement le|arrive à échéance|arrive à échéance le|arrivent à échéance le|à échéance le|échéance le|exigible le|exigibles le|exigible au|payable le|avant que',
    until:
      'dans un délai de|valable jusqu’au|valable jusqu’à|dans les|pour|pour le|jusqu’au|jusqu’à|dans les prochains|dans les prochaines|dans les',
    on: 'le|pour le|du|au|ce|cette|est le|est|en|à|la|de|dans|courant|fin|vers le',
    latest:
      'suffira|suffirait|suffira largement|fera l’affaire|ira|irait|au plus tard|dernier délai|délai de rigueur|maximum|est la date limite|au maximum|ou avant|grand maximum|suffit|c’est parfait|conviendrait|ira très bien|me convient|convient|serait parfait|sera parfait|c’est bien',
    dueNoun:
      'ferme|ferment|clôture|clôturent|date limite|échéance|délai|dernier délai|date butoir|payable|à payer|en retard|expire|clôture|rsvp|date de remise|dernier jour|à rendre|à remettre|date d’échéance|deadline|limite|date de fin|réponse souhaitée|arrive à échéance|dernière date|date ultime|dernier moment',
    ahead: 'avant|avant que|à temps pour',
    purpose: 'à|au|pour|avant|à temps pour|en vue de|en prévision de|avant|avant que|à temps pour',
    must: 'doit|doivent|devez|dois|devra|devront|devrait|devraient',
    should: 'devrait|devraient',
    obligation:
      'vous pouvez|tu peux|possible|pouvez|doit|doivent|devez|devons|dois|il faut|faut|faudrait|besoin|nécessaire|requis|requise|obligatoire|devrait|devraient|souhaitons|souhaite|attendons|attends|voudrais|voudrions|aimerais|aimerions|n’oubliez pas|n’oublie pas|prière|il faudra|pensez|pense|peuvent|pourra|pourront|il faudrait que',
    ifHad:
      'si je recevais|si nous recevions|si j’avais|si nous avions|si je pouvais avoir|si nous pouvions avoir|si je l’avais|si nous l’avions',
    accepts:
      'sont prises|sont acceptées|sont acceptés|nous acceptons|nous prenons les commandes|on prend les commandes|nous prenons les inscriptions',
    given:
      'il vous reste|il te reste|vous avez|tu as|vous disposez|tu disposes|vous aurez|un délai de|avez-vous|vous avez encore|tu auras|aurez|auras|aurez alors|disposerez|il est encore temps|encore le temps',
    wish: 'de préférence|idéalement|si possible|au mieux|dans l’idéal|plutôt|si possible dès|de préférence dès|idéalement dès',
    event:
      'réunion|rencontre|inauguration|visite|a lieu|aura lieu|auront lieu|ont lieu|se tiendra|se déroulera|arrivée|arrive|arrivera|réservé|prévu|prévue|concert|atelier|conférence|séminaire|formation|cours|fête|déjeuner|dîner|réception|congés|vacances|cérémonie|appel|entretien|rendez-vous|exposition|salon|voyage|départ|commence|débute|début des|anniversaire|mariage|vernissage|répétition|livraison|livré|ouverture|colloque|assemblée|séance|webinaire|spectacle|ouvre|événement|invitons|festival',
    placeAt: 'à|au|aux|dans|en|chez|à la|à l’',
    placeLabel: 'lieu|où|salle|endroit',
    withWhom: 'avec',
    peopleLabel: 'participants|participantes|avec|présents',
    past: 'était|étaient|depuis|reçu|reçue|envoyée|dernier entretien|dernier échange|dernier message|dernier courrier|dernier appel|dernier rendez-vous|dernière rencontre|dernière réunion|rencontré|avait|avions|eu lieu|convenu|expédié|écrit|hier|s’est|a été|avons|avez reçu',
    issue:
      'daté|daté du|datée du|émis le|émise le|du|en date du|date de facture|créé le|fait le|établi le|courrier du|facture du|mail du|message du|publié le|version',
    absence:
      'absent|absente|en congé|en congés|en vacances|fermé|fermés|fermée|indisponible|serai de retour|de retour le|de retour au bureau|hors du bureau|horaires d’ouverture|ouvert|ouverts|en déplacement|injoignable|joignable|sommes absents|en voyage|pas là|absents|fermées',
    needless: 'rien|pas besoin|pas nécessaire|inutile',
    delivered:
      'sera livré|sera livrée|seront livrés|en cours de livraison|en livraison|vous sera livré|vous parvenir|vous être livré|vous être livrée',
    commit:
      'je vais|nous allons|je vous envoie|nous vous envoyons|je vous enverrai|nous vous enverrons|nous enverrons|je reviens|nous reviendrons|je reviendrai|je peux|nous pouvons|je prévois|nous prévoyons|vous recevrez|vous allez recevoir|tu recevras|nous livrerons|je serai|nous serons|sera livré|sera livrée|seront livrés|sera expédié|je passerai|nous passerons|nous vous livrerons|je te|je vous tiendrai|je t’|je te|je vous|nous vous|nous t’',
    future:
      'suivront|suivent|suivra|habituellement|normalement|en général|sera|seront|va être|vont être|seront tous',
    state:
      'reste|restent|restera|resteront|disponible|disponibles|indisponible|valable|valables|valide|valides|dure|durera|garantie|garanti|consultable|consultables|exposé|exposée|exposés|en vente|en vigueur|couvert|assuré|visible|visibles|se poursuit|s’applique|accessible|consulté|consultée|visité|visitée|ouvert|ouverte|ouverts|ouvertes|soldes',
    offer:
      'offre|devis|remise|réduction|bon|code|tarif|proposition|option|réservation|invitation|promotion|enquête|sondage|vote|questionnaire|prix',
    coming: 'venir|venez|viens|participer|invité|invités|invitons',
    move: 'reporté|reportée|reportés|repoussé|repoussée|décalé|décalée|prolongé|prolongée|avancé|avancée|nouvelle date|nouveau délai|nouvelle échéance|correction|finalement|plutôt|désormais|est maintenant|je voulais dire|déplacé|déplacée|erratum|passe du|passe au|prolongeons|prolonge|reportons|repoussons|décalons|repousse|repousser|reporter|prolonger|décaler|différer|accorde un délai',
    change: 'modifié|modifiée|changé|changée',
    instead: 'au lieu de|au lieu du|et non|plutôt que|pas le|et pas|non pas|et non le|et non pas',
    lift: 'plus besoin de le faire|laisse tomber|plus nécessaire|n’est plus nécessaire|plus besoin|n’avons plus besoin|n’ai plus besoin|inutile de l’|inutile de le|inutile de la|inutile de les|inutile de me l’|inutile de nous l’|inutile de me le|inutile de nous le|plus la peine|n’est plus requis|ne plus envoyer|annulé|annulée|est annulé|ne tenez pas compte|ne tenez plus compte|sans objet|déjà fait|déjà réglé|laissez tomber|laisse tomber|ne plus tenir compte|retiré|plus à envoyer|ce n’est plus la peine|vous n’avez rien à faire|tu n’as rien à faire|rien à faire|aucune action|rien à régler|rien à payer|aucune démarche|ne t’occupe plus|ne vous occupez plus|pas besoin de répondre|n’avez plus à|n’as plus à|n’avons plus à|plus à vous|plus besoin que|aucune démarche à effectuer|vous n’avez aucune démarche|oublie|oubliez',
    otherwise: 'sinon|faute de|à défaut|autrement|sans quoi',
    optional:
      'vous rétracter|rétractation|se rétracter|annuler gratuitement|annuler sans frais|annulation gratuite',
  },
  requests: {
    please:
      's’il vous plaît|s’il te plaît|svp|stp|merci|si possible|merci d’avance|également|aussi|et|puis|donc|alors|par avance|s’il vous plait|merci beaucoup',
    frames,
    self: 'je dois|il faut que je|je devrais',
    toDo: 'à faire :|faut|il faut|à faire|ne pas oublier de|penser à',
    announce:
      'nous vous rappelons que|je vous rappelle que|je te rappelle que|pour rappel,|pour rappel :|rappel :|nous vous informons que|je vous informe que|veuillez noter que|merci de noter que|n’oubliez pas que|n’oublie pas que|rappelez-vous que|nous rappelons que|sachez que|je vous signale que|nous vous signalons que|petit rappel :|nous informons … que|nous rappelons … que|il est rappelé … que',
    arrive:
      'parvenir|arriver|nous parvenir|me parvenir|nous être parvenu|nous être parvenue|être parvenu|être en notre possession|être entre nos mains|être reçu|être reçue|être reçus|être reçues|être chez nous',
    is: 'est|était|expire|se termine|prend fin|court|tombe|a été',
    forAction: "pour|de|d'|des|du",
    actionNouns:
      'commande commander|inscription inscrire|offre offrir|candidature candidater|envoi envoyer|réponse répondre|paiement payer|règlement régler|signature signer|remise remettre|livraison livrer|relecture relire|transmission transmettre|accord confirmer|renvoi renvoyer|choix choisir|dépôt déposer|retour renvoyer|soumission soumettre|inscription inscrire|inscriptions inscrire|candidature postuler|candidatures postuler|réservations réserver|vote voter',
    may: 'vous pouvez|tu peux|il est possible de|doivent|doit',
    needs,
    othersNeed:
      'a besoin de|ont besoin de|demande|demandent|souhaite recevoir|souhaitent recevoir|attend|attendent|exige|exigent|réclame|réclament|veut|veulent|souhaite|souhaitent',
    unless: 'si',
    whoever:
      'celles et ceux qui|ceux d’entre vous qui|tous ceux d’entre vous qui|qui|ceux qui|celles qui|celui qui|les personnes qui|tous ceux qui',
    letArrive: 'faire parvenir|fasse parvenir|fassiez parvenir|faites parvenir|faire avoir|faire suivre',
    can: 'vous pouvez|tu peux|tu pourrais|vous pourriez',
    withoutDoing: 'à moins que|faute de|à défaut de',
    auxiliary: 'est|sont|soit|soient|sera|seront|a été|ont été|aura été|être',
    pay: 'Régler',
    ifYou: 'si vous|si tu|dès que vous',
    presents:
      'voici|voilà|ci-joint|veuillez trouver ci-joint|vous trouverez ci-joint|tu trouveras ci-joint|je vous envoie|je t’envoie|je joins|nous joignons|en pièce jointe',
    writerFirst: "je|j'|nous|on",
    answer: 'Répondre',
    answers: 'répondre',
    bills:
      'facture|montant|solde|cotisation|loyer|frais|acompte|somme|prime|impôt|taxe|mensualité|redevance|note',
    yours: 'votre|vos|ton|ta|tes',
    awaits: 'attendons|attends|attend|en attente',
    mayPassive:
      'peut être|peuvent être|pourra être|pourront être|peut encore être|peuvent encore être|pourraient être',
    provide: 'Envoyer',
    passive:
      'doit être|doivent être|devra être|devront être|devrait être|est à|sont à|reste à|restent à|doit nous être|devra nous être|doivent nous être|devront nous être|doit m’être|devra m’être|doit leur être|est encore à|sont encore à|reste encore à|est à nous|doit avoir été|devra avoir été|doivent avoir été|devra également être|doit impérativement être|devront avoir été|reste à|restent à',
    courtesy:
      'une question|une petite question|recevoir|n’hésitez pas|n’hésite pas|noter que|noter|veuillez trouver|trouver ci-joint|trouver ci-dessous|agréer|recevoir|croire|excuser|nous excuser|de votre compréhension|de votre confiance|de votre réponse|de ne pas répondre|pas répondre à|de votre attention|de votre aide|de ton aide|de votre retour|de votre message|de penser à l’environnement|de nous avoir|d’avoir|de m’avoir|accepter|de votre patience|ignorer|disons|mettons|avoir accepté|d’avoir accepté|avoir répondu|vous revoir|vous accueillir|vous rencontrer|vous lire|te revoir|votre visite|partir de|partir du|partir d’|partir des|se désabonner|se désinscrire|à bientôt|votre confiance|votre compréhension|votre patience|viens nous voir|venez nous voir|nous voir|merci d’avoir|merci de m’avoir|merci de nous avoir|merci de t’être|merci de vous être|tu devrais recevoir|vous devriez recevoir|devrais recevoir|devriez recevoir|adressez-vous|adresse-toi|en cas de question|en cas de questions|en cas de doute',
    that: 'que|qu’',
    relative: 'dont|que|qu’|qui',
    gets: 'trouve|trouvera|trouveront|reçoit|recevra|recevront|obtient|a|ont|est|sont|peut|peuvent|paie|aura|auront',
    someone: 'de l’aide|un coup de main|des bénévoles|d’aide|quelqu’un',
    states: 'avoir|être|savoir|recevoir|pouvoir',
    goes: 'serait-ce possible|est-ce possible|c’est possible|ce serait possible|cela serait possible|ça irait|cela irait|est-ce faisable',
    generic:
      'dire|dis|dites|répondre|répondez|réponds|traiter|traite|traitez|gérer|gère|gérez|voir|vois|faire|fais|occuper|t’occuper|vous occuper|savoir',
    looks: 'voir|regarder',
    glances: 'jeter un œil|jeter un coup d’œil|jeter un oeil|jeter un coup d’oeil',
    verbs,
    moreVerbs,
    bring: 'apporter|amener|prévoir|emporter|venir|munir|prendre',
    homographs:
      'visite|commande|demande|réserve|livre|note|compte|adresse|garde|facture|classe|offre|copie|mesure|passe|annonce|cale|aide|relance|règle|fixe|signe|change',
    determiners:
      "le|la|les|l'|un|une|des|du|mon|ma|mes|ton|ta|tes|son|sa|ses|notre|nos|votre|vos|leur|leurs|ce|cet|cette|ces|tous|toutes|tout|toute|chaque|deux|trois|moi|nous|lui|me|quelqu’un",
    forms:
      'lisez lire|lis lire|relisez relire|relis relire|mets mettre|transmets transmettre|remets remettre|soumets soumettre|permets permettre|faites faire|fais faire|fasse faire|fassiez faire|refaites refaire|dites dire|dis dire|disiez dire|écrivez écrire|écris écrire|écriviez écrire|inscrivez inscrire|inscris inscrire|décrivez décrire|décris décrire|réécrivez réécrire|prenez prendre|prends prendre|preniez prendre|reprenez reprendre|reprends reprendre|repreniez reprendre|venez venir|viens venir|veniez venir|revenez revenir|prévenez prévenir|préviens prévenir|tenez tenir|tiens tenir|retenez retenir|obtenez obtenir|maintenez maintenir|traduisez traduire|traduis traduire|conduisez conduire|produisez produire|réduisez réduire|joignez joindre|joins joindre|rejoignez rejoindre|voyez voir|vois voir|revoyez revoir|revois revoir|prévoyez prévoir|prévois prévoir|recevez recevoir|buvez boire|éteignez éteindre|éteins éteindre|repeignez repeindre|restreignez restreindre|peignez peindre|résolvez résoudre|couvre couvrir|recueille recueillir|sers servir|pars partir|sors sortir|élisez élire|soyez être|sois être',
    third:
      'met mettre|transmet transmettre|remet remettre|soumet soumettre|fait faire|dit dire|écrit écrire|inscrit inscrire|lit lire|relit relire|prend prendre|reprend reprendre|tient tenir|voit voir|revoit revoir|envoie envoyer|prévoit prévoir|traduit traduire|produit produire|réduit réduire|rejoint rejoindre|prévient prévenir|obtient obtenir|ouvre ouvrir|offre offrir',
    participles:
      'mis mettre|remis remettre|transmis transmettre|soumis soumettre|permis permettre|fait faire|faite faire|faits faire|faites faire|rempli remplir|remplie remplir|pris prendre|prise prendre|lu lire|relu relire|relue relire|écrit écrire|traduit traduire|joint joindre|jointe joindre|ouvert ouvrir|rendu rendre|rendue rendre|vu voir|revu revoir|reçu recevoir|inscrit inscrire|inscrite inscrire|souscrit souscrire|produit produire|produite produire|remise remettre|transmise transmettre|soumise soumettre|traduite traduire|écrite écrire|refait refaire|refaite refaire|défait défaire|transcrit transcrire|lue lire|lus lire|relus relire|élu élire|élue élire|admis admettre|promis promettre|repris reprendre|reprise reprendre|compris comprendre|acquis acquérir|requis requérir|ouverte ouvrir|ouverts ouvrir|ouvertes ouvrir|couvert couvrir|couverte couvrir|offert offrir|découvert découvrir|tenu tenir|tenue tenir|obtenu obtenir|obtenue obtenir|retenu retenir|retenue retenir|maintenu maintenir|prévenu prévenir|reçue recevoir|reçus recevoir|reçues recevoir|conçu concevoir|revue revoir|revus revoir|prévu prévoir|résolu résoudre|résolue résoudre|joints joindre|jointes joindre|rejoint rejoindre|peint peindre|peinte peindre|éteint éteindre|éteinte éteindre|éteints éteindre|éteintes éteindre|atteint atteindre|conduit conduire|produits produire|produites produire|réduit réduire|réduite réduire|construit construire|instruit instruire|détruit détruire|détruite détruire|déduit déduire|introduit introduire|suivi suivre|suivie suivre|clos clore|close clore|inclus inclure|incluse inclure|exclu exclure|conclu conclure|cousu coudre|débattu débattre|parcouru parcourir|connu connaître|reconnu reconnaître',
    compounds: false,
    verbLast: false,
    particles: '',
    indirect: 'nous|me|m’|moi|lui|-nous|-moi|-lui|-leur|y|vous|te|t’|vous-même|-vous|nous-mêmes',
    fillers:
      'que vous|que tu|que|bien|vouloir|aussi|également|encore|nous|me|m’|bien vouloir|rapidement|svp|s’il vous plaît|s’il te plaît|juste|vite|donc|les|le|la|l’|s’|finalement|simplement|directement|maintenant|ensuite|d’abord|peut-être|passer|venir',
    clitics: "le|la|les|l'|en",
    elliptic:
      'les trois|les quatre|tous les trois|le tout|tout cela|ces éléments|ces documents|ces pièces|ces informations|ces renseignements|un autre|une autre|d’autres|un nouveau|une nouvelle|de nouveaux|de nouvelles|le vôtre|la vôtre|les vôtres|le tien|la tienne|les tiens|les tiennes|quelques-uns|quelques-unes|une dizaine|une douzaine|une vingtaine|le reste|tout|ça|cela|ceci|celui-ci|celle-ci|un remplacement|deux|trois|les deux|la leur|les leurs|ce|cela|ça',
    pronouns: 'le|la|les|l’|cela|ça|ceci',
    reason:
      'afin de|afin que|pour que|pour pouvoir|pour nous permettre|parce que|car|puisque|sinon|sauf si|avant que|dès que|ce qui|mais|étant donné|comme nous|faute de quoi|merci|en vous remerciant|merci d’avance|à défaut|après quoi|ou nous|ou je|autrement|à défaut de quoi|passé ce délai|et je vous|et nous vous|sans quoi|et je|et nous|alors nous|je pourrai|jusqu’ici|jusqu’à présent|jusqu’à maintenant',
    negation: 'ne|pas|non|jamais|rien',
    nothing: 'rien',
    polite: 's’il vous plaît|s’il te plaît|svp|stp',
    modals: '',
    be: 'être|nous être|leur être|m’être|lui être|avoir été',
    once: 'dès que|quand|lorsque|une fois|après|aussitôt que',
    condition: 'si|en cas',
    goal: 'pour',
    so: 'donc|alors|aussi',
    sum: 'total|sous-total|total général|somme|total ttc|total ht',
    finished: 'fait|terminé|oui|ok',
    afterNoun: 'est|était|de|du|des|pour',
    writer: '',
    you: '',
    doForMe:
      'tu|vous|tu me|tu m’|tu nous|vous me|vous m’|vous nous|tu lui|vous lui|tu leur|tu l’|vous l’|tu le|tu la|tu les|vous le|vous la|vous les|tu me le|tu me la|tu nous le',
    beforeOrder: 'qu’il le|qu’il la|qu’il',
    and: 'et',
    assigns: 'doit|va',
    aside:
      'si|quand|qui|lorsque|je|nous|j’ai|il|elle|ils|on|le|la|après|ensuite|puis nous|passé cette date|soit|c’est-à-dire|à savoir|et je|et nous|cela|ça|ce serait',
    fromNowOn:
      'disponible immédiatement|disponibles immédiatement|immédiatement disponible|disponible tout de suite|disponibles de suite|dès à présent|avec effet immédiat|immédiatement après|juste après|aussitôt après|tout de suite après',
    levels: { high: 'haute|élevée|élevé|haut', medium: 'moyenne|moyen', low: 'basse|faible|bas' },
    high: 'urgent|urgente|urgents|en urgence|d’urgence|dès que possible|au plus vite|asap|critique|priorité haute|haute priorité|immédiatement|très important|priorité absolue|le plus rapidement possible|le plus vite possible|dans les plus brefs délais|sans délai|priorité : haute|prioritaire|urgence|aussi vite que possible|le plus tôt possible|sans tarder|toute urgence|très urgent|impérativement urgent|primordial|capital|au plus tôt|dans les meilleurs délais|illico|immédiat|immédiate|vital',
    medium: 'priorité moyenne|priorité normale|priorité : moyenne|priorité : normale|moyenne priorité',
    low: 'pas urgent|pas d’urgence|rien d’urgent|aucune urgence|quand vous aurez le temps|quand tu auras le temps|quand vous avez le temps|quand tu as le temps|quand tu peux|quand vous pouvez|priorité basse|faible priorité|priorité faible|basse priorité|prenez votre temps|prends ton temps|priorité : basse|à l’occasion|sans urgence|pas pressé|ne presse pas|rien ne presse|quand tu auras un moment|quand vous aurez un moment|quand tu as une minute|quand vous avez une minute|non urgent|à temps perdu|ce n’est pas pressé',
    taskHeading:
      'actions|tâches|tâche|à faire|prochaines étapes|points à traiter|merci de|veuillez|pourriez-vous|pouvez-vous|peux-tu|il faudrait|il faut|les points suivants|choses à faire|reste à faire|plan d’action|nous avons besoin|suivants|suivantes|todo|to-do|actions décidées|ce qu’il reste|décisions et actions|liste des tâches|demandes|quelques points|plusieurs choses',
    otherHeading:
      'comment|mode d’emploi|instructions|ordre du jour|tarifs|prix|horaires|programme|menu|participants|présents|pièces jointes|sommaire|sujets|récapitulatif|actualités|contact|excusés|inclus|compris|fait|terminé|pour information|ingrédients|articles|calendrier|adresse|produits|horaires d’ouverture|nouveautés',
    action: 'action|tâche|quoi|à faire|activité|description|point|sujet|travail|mesure|étape',
    owner: 'responsable|qui|attribué à|personne|porteur|nom|pilote|par qui|en charge',
    when: 'échéance|délai|date limite|quand|pour quand|date|avant le|pour le|limite|d’ici',
    done: 'statut|état|fait|avancement|terminé|réalisé|ok',
  },
  mail: {
    greeting:
      'chères|madame|mesdames|bonjour|bonsoir|cher|chère|chers|chères|salut|madame|monsieur|mesdames|coucou|bonjour à tous|hello',
    signOff:
      'cordialement|bien cordialement|très cordialement|bien à vous|bien à toi|salutations|meilleures salutations|sincères salutations|amicalement|merci|merci d’avance|à bientôt|belle journée|bonne journée|bonne réception|respectueusement|amitiés|cdlt|cdt|merci beaucoup|avec mes remerciements|bises|bonne soirée|à plus|je vous prie d’agréer|veuillez agréer|sincèrement|dans l’attente de votre retour|chaleureusement|bon week-end|avec mes salutations',
    signOffFrom: 'de',
    mobile: 'envoyé de mon|envoyé depuis|envoyé avec|envoyé à partir de',
    legal:
      'confidentiel|confidentielle|confidentielles|confidentialité|destinataire|reçu ce message par erreur|reçu par erreur|veuillez le détruire|divulgation|pensez à l’environnement|avant d’imprimer|usage exclusif|rcs|siret|capital de|non autorisée|virus|destinataires|par erreur|avertir l’expéditeur|détruire|diffusion|environnement|n’imprimez|altération|capital social',
    unsubscribe:
      'se désabonner|désabonner|désinscrire|se désinscrire|liste de diffusion|vous recevez ce|version en ligne|gérer vos préférences|ne plus recevoir|désinscription|voir dans le navigateur|politique de confidentialité|désabonnement',
    external:
      'courriel externe|expéditeur externe|message externe|e-mail externe|mail externe|provient de l’extérieur|extérieur de l’organisation|en dehors de l’organisation|ne cliquez pas sur|source externe|provient d’un expéditeur externe',
    automatic:
      'absence du bureau|réponse automatique|message d’absence|non remis|échec de la remise|accusé de lecture|absence|non distribuable|message d’absence automatique|lu :',
  },
};
