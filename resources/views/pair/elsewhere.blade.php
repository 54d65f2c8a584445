@if ($elsewhere !== [])
<p class="quiet">{{ count($elsewhere) }} more on {{ implode(', ', array_unique(array_map(fn ($card) => Kavvel\Core\Catalogue\Profile::protocolName($card->profile->protocol), $elsewhere))) }}: the hub opens no windows for these over the link. Pair them at their own controller.</p>
@endif
