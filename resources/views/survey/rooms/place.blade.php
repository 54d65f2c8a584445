<div class="two">
    <label class="field"><span>x, m</span><input name="x" inputmode="decimal" required></label>
    <label class="field"><span>y, m</span><input name="y" inputmode="decimal" required></label>
</div>
