@if ($then !== [])
<div>
    <p class="over"><span>Then</span><span>forecast</span></p>
    @if ($isOpen)
    <p class="quiet">Another can be chosen once this window is closed.</p>
    @endif
    <ul class="rows">
        @foreach ($then as ['card' => $card, 'why' => $reason])
        @php($margin = $card->forecast?->bestDb === null ? '' : Kavvel\Core\Radio\Margin::text($card->forecast->bestDb))
        <li>
            @if ($isOpen)
            @chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span><span class="end measure">{{ $margin }}</span>
            @else
            <a href="{{ route('jobs.pair', [$job, 'next' => $card->key()]) }}" title="{{ $reason }}">
                @chip($card->profile->protocol)<span>{{ $card->fullTitle() }}</span><span class="end measure">{{ $margin }}</span>
            </a>
            @endif
        </li>
        @endforeach
    </ul>
</div>
@endif
