import type { LanguageData } from './language-data.ts';

export const pt = {
  id: 'pt',
  name: 'Portuguese',
  functionWords:
    'o a os as um uma uns umas de do da dos das em no na nos nas num numa por pelo pela pelos pelas para com sem sob sobre entre até desde e ou mas se que quem cujo não como quando onde enquanto porque é são era eram foi ser há tem têm tinha lhe seu sua seus suas este esta estes estas esse essa aquele aquela mais também já muito ao aos à às',
  referring:
    'ele ela eles elas este esta estes estas isto isso esse essa seu sua e mas ou porém pois assim então portanto além',
  abbreviations: 'sr sra srs sras dr dra exmo exma pág págs av prof profa',
  titles: 'sr. sra. srs. srta. dr. dra. exmo. exma.',
  suspenders: 'e ou',
  articles: 'o os um uma uns umas',
  salutations: 'prezad[oa]s?|car[oa]s?|querid[oa]s?|olá|bo(?:m dia|a tarde|a noite)|exm[oa]\\.?',
  closings:
    '(?:com os (?:meus )?)?(?:melhores |cordiais )?cumprimentos|atenciosamente|cordialmente|um abraço|abraços|seu|sua',
  subjects: 'assunto',
  bylines: '(?:texto )?por',
  divisions: 'capítulo parte secção seção anexo livro',
  figures: 'Fig(?:ura|\\.)|Tabela|Quadro|Mapa',
  pages: 'página|pág\\.',
  pagesOf: 'de',
  months: 'janeiro fevereiro março abril maio junho julho agosto setembro outubro novembro dezembro',
  sounds: 'música aplausos risos risadas ri suspira suspiro tosse silêncio inaudível ruído',
  quotes: { double: ['“', '”'], single: ['‘', '’'] },
  hesitation: /\b(?:hum+|hm+|ahn?)\b/gi,
  enclitics: 'lhe lhes',
  prefixes: 'ex vice',
  page: {
    home: 'início|página inicial',
    rights: 'todos os direitos reservados',
    marks:
      'editar(?: código(?:-fonte)?)?(?: \\| editar código-fonte)?|carece de fontes\\s?\\??|(?:quem|quando|onde)\\?',
    notes: '[Nn]ota',
    contents: 'índice|conteúdo|sumário|nesta página',
    skips: 'ir para o conteúdo|saltar para o conteúdo|pular para o conteúdo|abrir menu|fechar menu',
    buttons: `
      partilhar este artigo|compartilhar este artigo|copiar link|imprimir esta página|ler mais|leia mais|continue lendo|continue a ler
      deixe um comentário|deixe uma resposta|voltar ao topo|adicionar ao carrinho|aceitar todos|rejeitar todos|aceitar tudo|saiba mais
      doe agora|inscreva-se|reserve agora|candidate-se|siga-nos|ouvir este artigo
      ir para a receita|imprimir receita|imprimir a receita|gostou desta receita?|adicionar aos favoritos|comprar agora
      escrever uma avaliação|candidatar-me|candidatar-me agora|candidatar-se agora|guardar vaga|salvar vaga|denunciar anúncio
      denunciar vaga|denunciar mensagem|aceito|gerir preferências|carregar mais|subscrever a newsletter|responder com citação
      entre para responder|esta página foi útil?
    `,
    labels: `
      entrar|iniciar sessão|sair|registar|cadastre-se|assine|assinar|minha conta|mais lidas|mais lidos|últimas notícias
      artigos recentes|posts recentes|artigos relacionados|leia também|veja também|você também pode gostar|artigo anterior
      próximo artigo|página seguinte|próxima página|página anterior|nesta página|ver tudo|ver todos|carregar mais|quem somos|sobre nós
      fale conosco|política de privacidade|política de cookies|termos de uso|aviso legal|mapa do site
      fechar
      newsletter|a minha conta|o meu carrinho|vagas semelhantes|vagas parecidas|produtos semelhantes|produtos relacionados
      quem comprou também comprou|voltar aos resultados|voltar à lista|tópico anterior|próximo tópico|condições de utilização
      termos de utilização|termos e condições
    `,
    menu: 'pesquisar|buscar|busca|notícias|contato|contacto|ajuda|loja|acessibilidade|arquivo|sobre|português',
    beside: 'mais|comentários|próximo|anterior|índice|editar',
    actions: 'partilhar|compartilhar|guardar|salvar|imprimir|responder|ouvir|gosto|curtir|publicidade|anúncio|seguir',
    sections: `
      política|economia|sociedade|ciência|saúde|viagem|livros|cinema|música|tempo|cultura|desporto|esportes|mundo|brasil
    `,
    counted: 'min(?:utos)? de leitura|comentários?|respostas',
    offers: 'o seu endereço de e-?mail não será publicado|esta página foi editada',
    calls: 'o seu e-?mail|ver tod[ao]s(?: \\S+){0,4}|carrinho \\(\\d{1,3}\\)',
    filed: 'publicado em|arquivado em|categorias?|etiquetas?',
    elsewhere: 'leia também|veja também',
    more: 'leia também|(?:mais sobre|outr[ao]s|últim[ao]s|artigos|mais)(?: \\S+){1,4}|você (?:pode|também)(?: \\S+){1,5}|(?:anterior|próximo): .{1,60}',
    cookies: 'aceit|utiliz',
  },
  dictionaries: ['dict-pt-pt/dict/Portuguese-European.trie.gz'],
} as const satisfies LanguageData;
