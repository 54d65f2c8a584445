@use('Kavvel\Core\Radio\Mounting')
<div class="two">
    <label class="field"><span>Place</span><input name="place" value="{{ $values['place'] }}" maxlength="60"></label>
    <label class="field"><span>What</span><input name="what" value="{{ $values['what'] }}" maxlength="60" required></label>
</div>
<label class="field"><span>Profile</span><select name="profile">
    @foreach ($profiles as $profile)
    <option value="{{ $profile->key }}" @selected($profile->key === $values['profile'])>{{ $profile->name }}
        ({{ $profile->protocol->tag() }})</option>
    @endforeach
</select></label>
@if ($bridges !== [])
<label class="field"><span>Comes in</span><select name="behind">
    <option value="">by itself</option>
    @foreach ($bridges as $key => $title)
    <option value="{{ $key }}" @selected($key === ($values['behind'] ?? null))>behind the {{ $title }}</option>
    @endforeach
</select></label>
@endif
<button type="button" class="btn" data-touch-plan>Touch its place on the plan</button>
<label class="field"><span>Room</span><select name="room">
    @foreach ($geometry->rooms as $room)
    <option value="{{ $room['key'] }}" @selected($room['key'] === $values['room'])>{{ $geometry->roomTitle($room) }}</option>
    @endforeach
</select></label>
@include('forms.spot', ['x' => $values['x'], 'y' => $values['y'], 'height' => $values['height'], 'advice' => null])
<button type="button" class="btn plain mb-2.5" hx-get="{{ route('jobs.forms.spot', $job) }}" hx-include="closest form"
    hx-target="previous .spot" hx-select="unset" hx-swap="outerHTML" hx-push-url="false">Where it usually goes in that room</button>
<label class="field"><span>Mounted</span><select name="mounting">
    @foreach (Mounting::cases() as $mounting)
    <option value="{{ $mounting->value }}" @selected($mounting->value === $values['mounting'])>{{ $mounting->words() }}</option>
    @endforeach
</select></label>
<label class="field"><span>Fed by</span><input name="feed" value="{{ $values['feed'] }}" maxlength="120"></label>
<label class="field"><span>Note</span><input name="note" value="{{ $values['note'] }}" maxlength="200"></label>
