<div id="parts" data-live="{{ $bench->move->isLive ? 'yes' : 'no' }}" data-live-url="{{ $liveUrl }}">
    @foreach ($parts as $part)
    <x-part :part="$part"/>
    @endforeach
</div>
