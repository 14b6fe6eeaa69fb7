import type { LanguageData } from './language-data.ts';

export const es = {
  id: 'es',
  name: 'Spanish',
  functionWords:
    'el la los las un una unos unas de del y o pero que en a al con por para sin sobre entre desde hasta como si cuando donde es son era ser ha han había su sus mi mis tu no más muy se lo le les este esta estos estas',
  referring: 'él ella ellos ellas este esta estos estas esto eso su sus y pero o pues así entonces',
  abbreviations: 'sr sra srta ud uds pág núm',
  titles: 'sr. sra. sres. srta. dr. dra. dña.',
  suspenders: 'y o',
  articles: 'el la los las un una unos unas',
  salutations: 'querid[oa]s?|estimad[oa]s?|hola|buen(?:os días|as tardes|as noches)',
  closings:
    '(?:un )?(?:cordial(?:es)? |afectuosos? |fuerte )?(?:saludos?|abrazo|abrazos)|atentamente|cordialmente|con (?:cariño|afecto)|suy[oa]',
  subjects: 'asunto',
  bylines: '(?:texto )?por',
  divisions: 'capítulo parte sección anexo',
  figures: 'Fig(?:ura|\\.)|Tabla|Mapa',
  pages: 'página|pág\\.',
  pagesOf: 'de',
  months: 'enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre',
  sounds: 'música aplausos risas risa ríe suspira suspiro tose silencio inaudible vítores ruido solloza',
  quotes: { double: ['«', '»'], single: ['‘', '’'] },
  hesitation: /\b(?:eh+|em+|hm+)\b/gi,
  page: {
    home: 'inicio',
    rights: 'todos los derechos reservados',
    marks: 'editar(?: código)?|(?:cita|aclaración) requerida|¿(?:quién|cuándo|dónde|cuál)\\?',
    notes: '[Nn]ota',
    contents: 'índice|contenido|tabla de contenidos|en esta página',
    skips:
      'ir al contenido|saltar al contenido|ir a la navegación|ir a la búsqueda|abrir menú|cerrar menú|abrir el menú|saltar al contenido principal',
    buttons: `
      te ha resultado útil este artículo?|compartir este artículo|copiar enlace|leer más|deja un comentario|volver arriba|donar ahora
      haz una donación|más información|aceptar todo|rechazar todo|gestionar opciones|reservar ahora|síguenos|síguenos en
      añadir al carrito|añadir a la cesta
      ir a la receta|imprimir receta|imprimir la receta|te ha gustado esta receta?|has preparado esta receta?|añadir a favoritos
      comprar ahora|escribir una reseña|deja tu opinión|solicitar empleo|inscribirme en esta oferta|guardar oferta
      denunciar oferta|denunciar anuncio|denunciar mensaje|acepto|configurar cookies|cargar más|compartir en facebook
      compartir en redes|responder citando|inicia sesión para responder|suscríbete a nuestro boletín|apúntate al boletín
    `,
    labels: `
      lo más leído|lo más visto|entradas recientes|entrada anterior|entrada siguiente|ofertas similares|iniciar sesión|cerrar sesión
      registrarse|suscribirse|suscríbete|quiénes somos|imprimir|guardar|ver más|ver todo|artículos relacionados|página siguiente
      página anterior|tabla de contenidos|en esta página|esta página|mostrar el código|descargar|configuración de cookies
      política de privacidad|aviso legal|términos de uso|mapa del sitio|cerrar
      boletín|mi cuenta|mi cesta|empleos similares|productos similares|también te puede gustar|los clientes también compraron
      volver a los resultados|volver al listado|tema anterior|tema siguiente|contacta con nosotros|nuestros socios
      condiciones de uso|condiciones generales
    `,
    menu: 'menú|buscar|búsqueda|noticias|acerca de|contacto|ayuda|privacidad|accesibilidad|español',
    beside: 'véase también|temas|etiquetas|comentarios|siguiente|anterior|índice|contenido|editar|anuncio',
    actions: 'compartir|responder|publicidad|me gusta',
    sections: 'política|economía|sociedad|ciencia|salud|viajes|libros|cine|música|tiempo|deportes',
    counted: 'min de lectura|comentarios?|respuestas',
    offers: 'tu dirección de correo electrónico no será publicada|esta página se editó |funciona con',
    calls: 'tu (?:correo|e-mail)(?: electrónico)?|ver tod[ao]s(?: \\S+){0,4}|(?:cesta|carrito) \\(\\d{1,3}\\)',
    filed: 'publicado en|archivado en|categorías?|etiquetas?',
    elsewhere: 'lee también|te puede interesar',
    more: '(?:más sobre|otr[ao]s|últim[ao]s|lo más)(?: \\S+){1,4}|te (?:puede|podría)(?: \\S+){1,5}|(?:anterior|siguiente): .{1,60}',
    cookies: 'acept|usa',
  },
  dictionaries: ['dict-es-es/Spanish.trie.gz'],
} as const satisfies LanguageData;
