@if ($of->profile->settings !== [])
<a class="btn plain" href="{{ $bench->url(['slot' => $of->key()]) }}">Its settings: {{ count($of->profile->settings) }}</a>
@endif
