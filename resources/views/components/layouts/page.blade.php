@props(['title', 'user' => null])
@php($htmx = [
    'includeIndicatorStyles' => false, 'allowEval' => false, 'historyCacheSize' => 0, 'refreshOnHistoryMiss' => true,
        'scrollIntoViewOnBoost' => false,
    'timeout' => 15000, 'defaultSettleDelay' => 0,
    'responseHandling' => [
        ['code' => '204', 'swap' => false], ['code' => '[23]..', 'swap' => true],
        ['code' => '4(03|04|09|22|29)', 'swap' => true, 'error' => false], ['code' => '[45]..', 'swap' => false, 'error' => true],
    ],
])
<!doctype html>
<html lang="en" data-theme="{{ request()->cookie('kavvel_theme') === 'dark' ? 'dark' : 'light' }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Kavvel</title>
    <meta name="htmx-config" content="{{ json_encode($htmx) }}">
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body data-single-keys="{{ $user === null || $user->single_keys ? 'on' : 'off' }}">
{{ $slot }}
<div id="banner" role="status" hidden></div>
<div id="notice" role="alert">@if (session('notice'))<p>{{ session('notice') }}</p>
    <button type="button" class="btn" data-close="notice">Close</button>@endif</div>
<div id="drawer"></div>
</body>
</html>
