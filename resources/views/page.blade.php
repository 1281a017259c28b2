<!doctype html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ Vite::cspNonce() }}">
    <title>Clean Race</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @viteReactRefresh
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="root"></div>
    <noscript>Clean Race needs JavaScript.</noscript>
</body>
</html>
