@php($part = array_column($page->parts, null, 'name'))
<x-layouts.page :title="$page->title" :user="$user">
<a class="skip" href="#move">To the next move</a>
@fragment('bench')
<div id="bench" class="bench" data-live="{{ $page->isLive ? 'yes' : 'no' }}" data-live-url="{{ $liveUrl }}"
    hx-boost="true" hx-target="#bench" hx-select="#bench" hx-swap="outerHTML">
    <x-part :part="$part['line']"/>
    <x-part :part="$part['top']"/>
    <main class="contents">
        <x-part :part="$part['stage']"/>
        <x-part :part="$part['side']"/>
    </main>
    <nav class="faces" aria-label="What is on screen">
        <button type="button" data-show="move">Move</button>
        <button type="button" data-show="plan">Plan</button>
        <button type="button" data-show="list">List</button>
    </nav>
</div>
@endfragment
</x-layouts.page>
