<p>{{ $slot->sheet()->manual === '' ? 'Work it by its own key.' : Str::ucfirst("by {$slot->sheet()->manual}.") }} No hub, no app.</p>
@if ($mayWork)
@include('fit.hand-trial')
@if ($card->ended !== null && isset($card->ended->accepted[$card->person]))
@include('fit.tests', ['all' => Kavvel\Core\Fit\SiteTest::AFTER, 'when' => 'once it is live', 'tests' => $card->ended->tests])
@endif
@endif
@include('fit.to-settings', ['of' => $slot->card])
@include('fit.take-out')
