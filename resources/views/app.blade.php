<!doctype html>
<html lang="en" data-bs-theme="{{ (auth()->user()?->theme ?? 'paper') === 'night' ? 'dark' : 'light' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" content="{{ \Illuminate\Support\Facades\Vite::cspNonce() }}">
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/js/app.ts')
    @inertiaHead
</head>
<body>
    @inertia
</body>
</html>
