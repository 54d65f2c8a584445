@use('Kavvel\Core\Proving\Outcome')
<div>
    <h3 class="mb-1" id="ladder">Proof ladder</h3>
    <ol class="ladder">
        @foreach ($card->ladder->steps as $rungStep)
        @php($rung = $rungStep->rung)
        @php($proof = $card->ladder->proof($rungStep))
        @php($mark = match ($proof?->outcome) { Outcome::Passed => 'passed', Outcome::Failed => 'failed', Outcome::NotTested => 'not',
            default => 'open' })
        <li>
            <div class="rung">
                <svg viewBox="0 0 26 26" aria-hidden="true"><circle class="mark-{{ $mark }}" cx="13" cy="13"
                    r="11"/>@if ($mark === 'passed')<path
                    d="M8 13.5l3.5 3.5 6.5-7.5"/>@endif</svg>
                <span>{{ $rungStep->words($open->joining()) }}</span>
                <span class="end">{{ match ($proof?->outcome) {
                    Outcome::Passed => 'shown',
                    Outcome::Failed => 'failed',
                    Outcome::NotTested => 'not tested',
                    default => $card->ladder->offers($rungStep) ? 'to show' : 'once it is in',
                } }}</span>
            </div>
            @if ($proof?->because && $proof->outcome !== Outcome::Passed)
            <p class="quiet">{{ Str::ucfirst($proof->because) }}</p>
            @endif
            @if ($mayWork && $card->ladder->offers($rungStep))
                @include('slots.rung')
            @endif
        </li>
        @endforeach
    </ol>
</div>
