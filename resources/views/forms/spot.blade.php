<div class="spot">
    <div class="three">
        <label class="field"><span>x, m</span><input name="x" value="{{ $x }}" inputmode="decimal" required></label>
        <label class="field"><span>y, m</span><input name="y" value="{{ $y }}" inputmode="decimal" required></label>
        <label class="field"><span>Height, m</span><input name="height" value="{{ $height }}" inputmode="decimal" required></label>
    </div>
    @if ($advice !== null)
    <p class="quiet mb-2" role="status">{{ $advice }}</p>
    @endif
</div>
