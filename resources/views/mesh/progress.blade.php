@if ($running)
<div role="status">
    <p class="note">The hub asks who hears whom over {{ $running->protocol->title() }}{{
        $running->total > 0 ? ": {$running->done} of {$running->total}" : '' }}.
        You can go on; it ends by itself.</p>
    <svg class="gauge mt-2" viewBox="0 0 100 4" preserveAspectRatio="none" role="img"
        aria-label="{{ $running->done }} of {{ max(1, $running->total) }} relays"><rect width="100" height="4"/><rect
        width="{{ 100 * $running->done / max(1, $running->total) }}" height="4"/></svg>
</div>
@elseif ($failed)
<p class="note danger" role="status">The last reading did not end: {{ $failed->reason }} Ask again once the hub answers.</p>
@endif
