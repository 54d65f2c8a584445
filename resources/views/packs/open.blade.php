<div class="together"><h2 class="next">7 · Open points</h2>
@if ($content->snags->isEmpty())
<p>None.</p>
@else
<table><tr><th style="width: 62%">What</th><th>Accepted by</th></tr>
@foreach ($content->snags as $snag)
<tr><td>{{ $snag->text }}</td><td>{{ $snag->accepted_by ?? 'open' }}{{ $snag->closed_at ? ', '.$snag->closed_at->onSite()->format('j M Y')
    : '' }}</td></tr>
@endforeach
</table>
@endif
</div>
