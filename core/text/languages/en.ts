import type { LanguageData } from './language-data.ts';

export const en = {
  id: 'en',
  name: 'English',
  functionWords:
    'the a an of and or nor but to in on at by for with from into upon that which who whose is are was were be been being has have had his her my their its our your as if than then not no so such very will would shall should can could may might must this these those when while where because although between through under over about without he she they we it i you do did does every some any more most other mr mrs ms dr st',
  referring:
    'he she it they his her their its this that these those him them such but and or nor yet so then thus hence therefore otherwise however moreover furthermore',
  abbreviations:
    'mr mrs ms mx dr prof rev revd hon lieut cllr supt bros thos wm jas chas geo st messrs capt col gen lt sgt maj cpl vs e.g i.e cf viz no nos vol vols p pp fig figs ch sec ed eds al approx inst ult dept jan feb mar apr jun jul aug sep sept oct nov dec mon tue wed thu fri sat sun',
  titles: 'mr. mrs. ms. mx. messrs. dr. prof. rev. revd. capt. lieut. sgt. miss mr mrs ms mx dr prof rev revd',
  suspenders: 'and or to',
  articles: 'a an the',
  salutations: 'dear|hi|hello|hey|good (?:morning|afternoon|evening)',
  closings:
    '(?:(?:best|kind|kindest|warm|warmest) )?regards|(?:best|warm|good|with (?:best|all good)) wishes|with (?:love|thanks|kind regards)|(?:ever |very |always )?yours(?: (?:ever|sincerely|faithfully|truly|affectionately|obediently))?|(?:your )?(?:affectionate|loving|obedient)(?: (?:friend|servant|son|daughter|brother|sister))?|sincerely(?: yours)?|cheers|love|(?:many )?thanks|all the best',
  subjects: 'subject',
  bylines: '(?:(?:text|words|story|written|told|photographs|pictures) )?by',
  divisions: 'chapter part book section appendix volume',
  figures: 'Fig(?:ure|\\.)?|Table|Plate|Map|Chart|Photo|Illustration',
  pages: 'page|folio|fol\\.|p\\.',
  pagesOf: 'of',
  months: 'january february march april may june july august september october november december',
  sounds:
    'music applause laughter laughs laughing cheering cheers coughs coughing sighs sighing silence inaudible crosstalk noise gasps groans sobs',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:u[mh]+|er+m?|hm+)\b/gi,
  phrases: /, (?:you know|I mean|sort of|kind of),(?= )/gi,
  prefixes: 'self well ill half ex non all cross quasi vice pseudo',
  page: {
    home: 'home',
    rights: 'all rights reserved',
    marks:
      'edit(?: source)?|(?:[a-z]+ )?(?:citation|clarification|verification|quotation|source|page) needed|(?:who|when|where|which|why|by whom|according to whom)\\?',
    notes: 'note|nb|fn',
    contents: 'contents|table of contents|on this page|in this article',
    skips: `
      skip to content|skip to main content|skip navigation|skip to navigation|jump to navigation|jump to content|jump to search
      toggle navigation|toggle menu|toggle search|open menu|close menu|show menu|open search|main navigation|primary menu
    `,
    buttons: `
      advertisement|advertisements|advertising|sponsored|sponsored content|share on|share via|share this|share this article
      share this page|share on facebook|share on twitter|share on social media|tweet|copy link|email this|print this page
      print this article|save for later|save article|read more|continue reading below|article continues below|story continues below
      back to top|jump to recipe|print recipe|pin it|did you make this recipe?|leave a comment|leave a reply
      required fields are marked *|add a comment|load more comments|listen to this article|add to basket|add to cart|add to bag
      add to wishlist|add to list|buy now|write a review|proceed to checkout|donate now|give now|join now|shop now|register now
      learn more|find out more|try for free|view solution in original post|book now|buy tickets|get tickets|apply now
      apply for this job|save job|report job|save this job|report a problem with this page|is this page useful?|improve this question
      improve this answer|like loading...|loading...|like this|follow us on|follow us|we value your privacy|accept all|reject all
      accept all cookies|reject all cookies|manage options|manage preferences|manage choices|cookie preferences
      this article is for subscribers only|already a subscriber? log in|already a subscriber? sign in|continue reading the main story
      story continues below advertisement|view comments|show more comments|sort by|download the app|report this post
      report this comment|quote reply|was this helpful?|was this article helpful?|was this page helpful?
      did this answer your question?|still need help? contact us|got it|ok, got it|i agree|i accept|scroll to continue
    `,
    labels: `
      enter your email address|sign up to our newsletter|show comments|main menu|navigation|quick search|search this site|site search
      sign in|sign up|log in|log out|my account|subscribe|newsletter|sign up for our newsletter|latest news|most read|most popular
      top stories|more stories|more to explore|recent posts|popular posts|recent comments|older post|newer post|older posts
      newer posts|previous post|next post|quick links|useful links|you might also like|you may also be interested in
      people also viewed|customers also bought|similar jobs|similar items|similar products|more like this|search docs|copy code
      privacy notice|cookie notice|modern slavery statement|report this ad|get our newsletter|bookmark|forum index|board index
      promoted|show more|see more|load more|view all|related stories|related articles|related topics|related posts|recommended
      recommended for you|you may also like|more from the author|more on this story|post a comment|next topic|previous topic
      next article|previous article|next page|previous page|next chapter|previous chapter|table of contents|on this page
      in this article|this page|show source|view source|edit this page|edit source|view history|permalink|download pdf|cookie settings
      cookie policy|cookies|accept cookies|manage cookies|privacy policy|terms|terms of use|terms of service|imprint|sitemap
      dismiss|copied|enter your email|trending now|popular now|in other news|today's paper|print edition|e-paper
      do not sell my personal information|do not sell or share my personal information|your privacy choices
      editor's picks|editors' picks|sister sites|reuse this content|related content|explore more|permissions
    `,
    menu: `
      menu|search|news|latest|trending|opinion|podcasts|videos|photos|sport|culture|business|about|about us|contact|contact us|help
      faq|shop|donate|privacy|accessibility|long reads|register|login|archives|archive|account|basket|cart|bag|docs|guides|changelog
      rss|all topics|all posts|all categories|community|forum|forums|jobs|events|categories|newsletters|puzzles|crosswords|games|english
    `,
    beside: `
      more|top|see also|related|comments|next|previous|index|contents|close|edit|mail|email|e-mail|ad|tags|comment|facebook|twitter
      topics|whatsapp|x|instagram|youtube|linkedin|pinterest|reddit|tiktok|mastodon|bluesky|telegram|threads
    `,
    actions: `
      share|save|print|listen|reply|like|follow|download|quote|report|copy|all topics|all posts|all categories|community|forum|forums
    `,
    sections: `
      world|politics|science|tech|technology|health|food|travel|books|film|films|music|art|arts|style|lifestyle|money|weather
      education|environment|gardens|gardening|obituaries|letters|local|national|europe|football
    `,
    counted: 'min(?:ute)?s? read|comments?|shares?|likes?|replies|answers?|views?',
    offers:
      'your email address will not be published\\b|this page was last (?:edited|modified|updated) |subscribe (?:now|today|for) |subscribe to (?:read|continue|keep|get|unlock|see) |(?:sign up|subscribe) (?:to|for) (?:our|the) (?:\\S+ ){0,2}newsletters?\\b|(?:proudly )?powered by',
    calls:
      '[★☆⭐]{1,5} ?(?:\\d(?:[.,]\\d+)? )?(?:from |\\(|· )?\\d[\\d,]* (?:votes?|ratings?|reviews?)\\)?|½x 1x 2x|1x 2x 3x|did you (?:make|try|cook) this(?: recipe)?\\?.{0,60}|(?:story|article|post) continues(?: below)?(?: after (?:the |this )?(?:ad|advert|advertisement|promotion))?|add to (?:favou?rites|bookmarks|(?:my )?calendar|my list|reading list|collection)|(?:save|share|print|email|bookmark|rate|report|flag) this (?:story|article|page|recipe|post|item|job|review|comment|ad|product)|(?:was (?:this|it) )?helpful\\?(?: yes| no| \\d+)*|(?:listen|watch|play|order|read|view|shop) now|(?:see|view|show|browse) all(?: \\S+){0,5}|(?:explore|discover|read|show|load|see|view) (?:further|more)(?: \\S+){0,2}|get directions|(?:view|show) (?:on )?(?:the )?map|back to (?:the )?(?:search|results|list|overview|home|articles|all)(?: \\S+){0,2}|(?:sign|log) (?:up|in) or (?:log|sign) (?:in|up)|(?:post|write|add|leave) (?:a|your) (?:job|answer|comment|review|reply)|sort(?:ed)? by:? .{1,20}|your (?:email|email address|answer|rating)|support (?:our work|us)|check (?:the )?(?:price|availability)|see (?:it )?at .{1,30}|(?:book|buy|get) (?:now|online|tickets|your tickets)|advertisement ?[-–—] ?continue reading below|comments? \\(\\d+\\)|subscribe to: .{1,40}|search for:|create (?:an account|alert)|(?:job|email) alerts?|reading time:? \\d{1,3} min(?:ute)?s?|(?:basket|cart|bag) \\(\\d{1,3}\\)',
    filed: 'filed under|tagged(?: with| as)?|posted in|categor(?:y|ies)',
    elsewhere:
      "read (?:more|next|also)|also read|up next|don't miss|watch|related(?: (?:story|stories|article|articles))?|more on this(?: story)?",
    more: 'read next|up next|linked|related|(?:more (?:on|from|in|about|like)|more|related|similar|recent|popular|latest|read next|up next|customers|people)(?: \\S+){1,4}|you (?:may|might|will|could) (?:also(?: \\S+){1,4}|(?:even )?(?:like|love|enjoy|be interested)(?: \\S+){0,4})|(?:previous|next): .{1,60}',
    cookies: 'accept|agree|consent|use',
  },
  dictionaries: ['dict-en_us/en_US.trie.gz', 'dict-en-gb/en_GB.trie.gz'],
} as const satisfies LanguageData;
