@use('Kavvel\Core\Catalogue\BlindKind')
@use('Kavvel\Core\Measuring\Hand')
@use('Kavvel\Core\Measuring\SeenFrom')
@php($plain = fn (?float $value): string => $value === null ? '' : (string) round($value, 3))
<div class="two">
    <label class="field"><span>By compass, °</span><input name="bearing" inputmode="decimal" value="{{ $plain($window->bearing) }}"></label>
    <label class="field"><span>Seen after dark</span><select name="seen_from">
        <option value="">not asked</option>
        @foreach (SeenFrom::cases() as $from)
        <option value="{{ $from->value }}" @selected($window->seenFrom === $from)>{{ $from->words() }}</option>
        @endforeach
    </select></label>
</div>
<p class="quiet mb-2.5">Stand at it, look straight out, away from steel.</p>
<label class="field"><span>What hangs there</span><select name="kind">
    <option value="">not noted</option>
    @foreach (BlindKind::cases() as $kind)
    <option value="{{ $kind->value }}" @selected($window->kind === $kind)>{{ $kind->words() }}</option>
    @endforeach
</select></label>
<div class="two">
    <label class="field"><span>Width, m</span><input name="width_m" inputmode="decimal" value="{{ $plain($window->widthM) }}"></label>
    <label class="field"><span>Drop, m</span><input name="drop_m" inputmode="decimal" value="{{ $plain($window->dropM) }}"></label>
</div>
<div class="two">
    <label class="field"><span>Reveal, mm deep</span><input name="depth_mm" inputmode="decimal"
        value="{{ $plain($window->depthMm) }}"></label>
    <label class="field"><span>Motor, from inside</span><select name="motor">
        <option value="">not noted</option>
        @foreach (Hand::cases() as $hand)
        <option value="{{ $hand->value }}" @selected($window->motor === $hand)>on the {{ $hand->value }}</option>
        @endforeach
    </select></label>
</div>
<label class="tick"><input type="checkbox" name="is_in_reveal" value="1" @checked($window->isInReveal)> It hangs in the reveal</label>
<label class="tick"><input type="checkbox" name="has_cord" value="1" @checked($window->hasCord)> It has a cord or a chain</label>
<label class="tick"><input type="checkbox" name="must_tilt" value="1" @checked($window->mustTilt)> Its slats are to turn</label>
