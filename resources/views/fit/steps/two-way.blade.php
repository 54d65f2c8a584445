@use('Kavvel\Core\Fit\TwoWayTest')
<p class="note">Read live only with covers on all else and insulated probes, by a person licensed to. Where that may not be: trace it
    dead.</p>
@php($read = $slot->fit->twoWayTest())
@if ($read !== null)
<p class="note danger" role="status">{{ $read->words() }}</p>
@endif
<p class="quiet">At the common of this box, which is the terminal of another colour. Its sheet wants
    {{ $slot->sheet()->twoWay->words() }}.</p>
<x-form :action="route('jobs.slots.two-way.update', [$job, $key])" method="put" class="holds-thumb">
    <table class="register"><caption class="visually-hidden">Readings at the common</caption>
        <thead><tr><th scope="col">Switches</th><th scope="col">Live</th><th scope="col">Lamp on</th></tr></thead>
        @foreach (TwoWayTest::POSITIONS as $number => $words)
        <tr><th scope="row">{{ Str::ucfirst($words) }}</th>
            @foreach (['live' => 'live', 'lit' => 'lamp on'] as $what => $label)
            <td><input type="hidden" name="{{ $what }}_{{ $number }}" value="0"><label class="tick"><input type="checkbox"
                name="{{ $what }}_{{ $number }}" value="1" aria-label="{{ Str::ucfirst($words) }}: {{ $label }}"
                @checked(($what === 'live' ? $read?->isLive : $read?->isLit)[$number] ?? false)></label></td>
            @endforeach
        </tr>
        @endforeach
    </table>
    <div class="thumb"><button class="big" id="big" data-move="two-way-{{ $key }}" data-key="n">Write the readings down</button></div>
</x-form>
<details id="traced"><summary>Traced dead instead</summary>
<x-form :action="route('jobs.slots.two-way.update', [$job, $key])" method="put" class="grid gap-2 mt-2">
    @foreach (Kavvel\Core\Catalogue\TwoWaySide::cases() as $side)
    <button class="btn" name="traced" value="{{ $side->value }}">It is {{ $side->words() }}</button>
    @endforeach
</x-form></details>
