@use('Kavvel\Core\Catalogue\LightSign')
@php($light = $core->recipe?->sign)
<details id="edit-entry" @if ($errors->any()) open @endif><summary>Put this entry right</summary>
    <x-form :action="route('catalogue.update', $page->profile->key)" method="put" class="catalogue-form">
        <input type="hidden" name="lock_version" value="{{ $page->profile->lock_version }}">
        <label class="field"><span>Name</span><input name="name" maxlength="80" required value="{{ old('name', $core->name) }}"></label>
        <label class="field"><span>Model, as it reports it</span>
            <input name="model" maxlength="80" required value="{{ old('model', $core->model) }}"></label>
        <label class="field is-wide"><span>It can, with a comma between</span>
            <input name="capabilities" maxlength="500" required
                value="{{ old('capabilities', implode(', ', $core->capabilities)) }}"></label>
        <label class="field is-wide"><span>Caution</span>
            <input name="caution" maxlength="300" value="{{ old('caution', $core->caution) }}"></label>
        @foreach ($page->lines() as $field => [$words, $text])
        <label class="field is-wide"><span>{{ $words }}</span>
            <textarea name="{{ $field }}" rows="3" maxlength="2000">{{ old($field, $text) }}</textarea></label>
        @endforeach
        <label class="field is-wide"><span>What its light does when it waits to be found</span>
            <input name="light" maxlength="120" value="{{ old('light', $light?->words) }}"></label>
        <label class="field"><span>Pattern</span><select name="pattern">
            @foreach (LightSign::PATTERNS as $pattern)
            <option @selected(old('pattern', $light->pattern ?? 'blink') === $pattern)>{{ $pattern }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>Colour</span><select name="colour">
            @foreach (LightSign::COLOURS as $colour)
            <option @selected(old('colour', $light->colour ?? 'white') === $colour)>{{ $colour }}</option>
            @endforeach
        </select></label>
        <label class="field"><span>Times a second</span>
            <input name="perSecond" inputmode="decimal" value="{{ old('perSecond', $light->perSecond ?? 1) }}"></label>
        <button class="btn">Save the entry</button>
    </x-form>
    <x-form :action="route('catalogue.copy', $page->profile->key)" class="catalogue-copy">
        <label class="field"><span>Or begin another like it: its key</span>
            <input name="key" maxlength="80" placeholder="{{ $page->profile->key }}-2"></label>
        <button class="btn">Make a copy</button>
    </x-form>
</details>
