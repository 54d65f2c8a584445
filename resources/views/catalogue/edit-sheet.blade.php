@use('Kavvel\Core\Bridging\ActText')
@use('Kavvel\Core\Bridging\EcosystemSheet')
@use('Kavvel\Core\Bridging\OfferText')
@use('Kavvel\Core\Bridging\Removal')
@use('Kavvel\Core\Bridging\Support')
@php($text = fn (string $field, mixed $value): string => (string) old($field, $value))
@php($ticks = $isEcosystem ? [
    'needsInternet' => ['It stands still without the internet', $core->needsInternet],
    'addsRoom' => ['It shows the room beside a name', $core->addsRoom],
    'followsNames' => ['A later name at the source reaches it', $core->followsNames],
] : [
    'hub' => ['It takes in what the radios of a hub speak', $core->isHub],
    'service' => ['Somebody else runs it: nothing to plug in', $core->isService],
    'wraps' => ['It shows one function as another: tilt as open and close', $core->wraps],
])
<details id="edit-entry" @if ($errors->any()) open @endif><summary>Put this entry right</summary>
    <x-form :action="route('catalogue.bridges.update', $sheet->id)" method="put" class="catalogue-form">
        <input type="hidden" name="lock_version" value="{{ $sheet->lock_version }}">
        <label class="field"><span>Name</span><input name="name" maxlength="80" required value="{{ $text('name', $core->name) }}"></label>
        @if ($isEcosystem)
        <label class="field"><span>It is a</span><select name="kind">
            @foreach (EcosystemSheet::KINDS as $kind)
            <option value="{{ $kind->value }}" @selected($text('kind', $core->kind->value) === $kind->value)>{{ $kind->words() }}</option>
            @endforeach
        </select></label>
        @else
        <label class="field"><span>Its maker</span><select name="support">
            @foreach (Support::cases() as $support)
            <option value="{{ $support->value }}" @selected($text('support', $core->support->value) === $support->value)>{{
                $support->words() }}</option>
            @endforeach
        </select></label>
        @endif
        <label class="field is-wide"><span>Forms that it takes in, with a comma between</span>
            <input name="accepts" maxlength="500" value="{{ $text('accepts', implode(', ', $core->accepts)) }}"></label>
        @if ($isEcosystem)
        <label class="field is-wide"><span>Functions that it knows, with a comma between</span>
            <input name="knows" maxlength="1000" value="{{ $text('knows', implode(', ', $core->knows)) }}"></label>
        @else
        <label class="field is-wide"><span>Forms in which it passes on, one a line: matter-bridge, release 1.2, without button</span>
            <textarea name="offers" rows="3" maxlength="2000">{{ $text('offers', OfferText::write($core->offers)) }}</textarea></label>
        @endif
        <label class="field"><span>Release that it speaks</span>
            <input name="matterRelease" maxlength="20" value="{{ $text('matterRelease', $core->release?->text) }}"></label>
        <label class="field"><span>Most devices</span>
            <input name="mostDevices" inputmode="numeric" value="{{ $text('mostDevices', $core->mostDevices) }}"></label>
        @if ($isEcosystem)
        <label class="field"><span>Characters of a name</span>
            <input name="nameLength" inputmode="numeric" value="{{ $text('nameLength', $core->nameLength) }}"></label>
        <label class="field"><span>Account that it asks for</span>
            <input name="account" maxlength="120" value="{{ $text('account', $core->account) }}"></label>
        <label class="field is-wide"><span>Deleting one device behind a bridge</span><select name="removal">
            @foreach (Removal::cases() as $removal)
            <option value="{{ $removal->value }}" @selected($text('removal', $core->removal->value) === $removal->value)>{{
                $removal->words() }}</option>
            @endforeach
        </select></label>
        @else
        <label class="field"><span>Costs once</span><input name="cost" inputmode="decimal" value="{{ $text('cost', $core->cost) }}"></label>
        <label class="field"><span>and a year</span>
            <input name="yearlyCost" inputmode="decimal" value="{{ $text('yearlyCost', $core->yearlyCost) }}"></label>
        <label class="field"><span>Takes, ms</span>
            <input name="latencyMs" inputmode="decimal" value="{{ $text('latencyMs', $core->latencyMs) }}"></label>
        <label class="field is-wide"><span>When its maker stops</span>
            <input name="whenMakerStops" maxlength="400" value="{{ $text('whenMakerStops', $core->whenMakerStops) }}"></label>
        @endif
        <label class="field is-wide"><span>To link, one act a line, under the form that it is for: over matter-bridge</span>
            <textarea name="acts" rows="6" maxlength="8000">{{ $text('acts', ActText::writeByForm($core->acts)) }}</textarea></label>
        @if (! $isEcosystem)
        <label class="field is-wide"><span>When another box is linked to it, one act a line</span>
            <textarea name="taking" rows="2" maxlength="4000">{{ $text('taking', ActText::write($core->taking)) }}</textarea></label>
        @endif
        <label class="field is-wide"><span>Caution</span>
            <input name="caution" maxlength="400" value="{{ $text('caution', $core->caution) }}"></label>
        @foreach ($ticks as $field => [$words, $is])
        <label class="tick is-wide"><input type="checkbox" name="{{ $field }}" value="1" @checked(old($field, $is))> {{ $words }}</label>
        @endforeach
        <button class="btn">Save the entry</button>
    </x-form>
    <x-form :action="route('catalogue.bridges.copy', $sheet->id)" class="catalogue-copy">
        <label class="field"><span>Or begin another like it: its key</span>
            <input name="key" maxlength="80" placeholder="{{ $sheet->key }}-2"></label>
        <button class="btn">Make a copy</button>
    </x-form>
</details>
