@if (Kavvel\Core\Pairing\RemoteTest::isAskedOf($card->profile))
@php($test = $slot->remoteTest())
@foreach ($test?->remarks($card->profile->protocol) ?? [] as $remark)
<p class="note">{{ $remark }}</p>
@endforeach
<details id="remote" @if ($test === null && $bench->station === 'survey') open @endif>
    <summary>{{ $test === null ? 'Try its remote' : 'Its remote: '.lcfirst($test->protocol()->title()) }}</summary>
    @if ($mayWork)
    <p class="quiet mb-2">Point it away from the machine, at the wall behind you, and press.</p>
    <x-form :action="route('jobs.slots.remote.update', [$job, $slot])" method="put">
        <input type="hidden" name="station" value="{{ $bench->station }}">
        <input type="hidden" name="lock_version" value="{{ $slot->lock_version }}">
        <label class="field"><span>The machine</span><select name="works_away">
            <option value="0">does nothing</option><option value="1" @selected($test?->worksAway)>does it all the same</option>
        </select></label>
        <input type="hidden" name="toggles" value="0">
        <label class="tick"><input type="checkbox" name="toggles" value="1" @checked($test?->toggles)> One key is both on and off</label>
        <button class="btn mt-2">Write it down</button>
    </x-form>
    @endif
</details>
@endif
