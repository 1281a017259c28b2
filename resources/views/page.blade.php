<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1, interactive-widget=resizes-content">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Clean Race</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <link rel="manifest" href="/app.webmanifest">
    <meta name="theme-color" content="#1c4f86">
    @viteReactRefresh
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="root"></div>
    <noscript>Clean Race needs JavaScript.</noscript>
</body>
</html>
