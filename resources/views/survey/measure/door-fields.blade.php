@use('Kavvel\Core\Measuring\Hand')
@php($mm = fn (?float $value): string => $value === null ? '' : (string) round($value, 1))
<div class="two">
    <label class="field"><span>Thickness, mm</span><input name="thickness_mm" inputmode="decimal"
        value="{{ $mm($door->thicknessMm) }}"></label>
    <label class="field"><span>Backset, mm</span><input name="backset_mm" inputmode="decimal" value="{{ $mm($door->backsetMm) }}"></label>
</div>
<p class="quiet mb-2.5">Backset: from the edge of the door to the middle of the cylinder.</p>
<div class="two">
    <label class="field"><span>Free before it, mm</span><input name="free_mm" inputmode="decimal" value="{{ $mm($door->freeMm) }}"></label>
    <label class="field"><span>Cylinder out, mm</span><input name="cylinder_mm" inputmode="decimal"
        value="{{ $mm($door->cylinderMm) }}"></label>
</div>
<label class="field"><span>Hinges, seen from inside</span><select name="hinges">
    <option value="">not noted</option>
    @foreach (Hand::cases() as $hand)
    <option value="{{ $hand->value }}" @selected($door->hinges === $hand)>on the {{ $hand->value }}</option>
    @endforeach
</select></label>
<label class="field"><span>A key is left in it inside</span><select name="key_inside">
    <option value="">nobody has asked</option>
    <option value="1" @selected($door->keyInside === true)>yes</option><option value="0" @selected($door->keyInside === false)>no</option>
</select></label>
<label class="tick"><input type="checkbox" name="is_metal" value="1" @checked($door->isMetal)> A metal door</label>
