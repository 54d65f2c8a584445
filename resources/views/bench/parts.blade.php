<div id="parts" data-live="{{ $page->isLive ? 'yes' : 'no' }}" data-live-url="{{ $liveUrl }}">
    @foreach ($page->parts as $part)
    <x-part :part="$part"/>
    @endforeach
</div>
