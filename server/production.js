// Imported before all else: libraries look at it as they are loaded.
process.env.NODE_ENV ??= 'production';
