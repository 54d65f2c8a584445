@php($mayLead = $bench->user->can('lead', $job))
@php($to = fn (string $what): string => route("jobs.{$routes}.{$what}", [$job, $one->key]))
@if ($one->url !== null)
<div>
    <h3>Its link</h3>
    <p class="quiet">{{ $one->read_at === null ? 'Not read yet.' : 'Read '.$one->read_at->onSite()->format('j M, H:i').'.' }}</p>
    @if ($one->read_refused !== null)<p class="note danger" role="alert">{{ $one->read_refused }}</p>@endif
    @if ($one->isAsked())
    <p class="note" id="waits" role="status">{{ Str::ucfirst($one->name) }} is being asked…</p>
    @elseif ($bench->mayWork())
    <x-form :action="$to('readings.store')">
        <input type="hidden" name="lens" value="boxes"><input type="hidden" name="at" value="{{ $at }}">
        <button class="btn w-full">Read it now</button>
    </x-form>
    @endif
</div>
@endif
@if ($mayLead)
<details id="place-link" @if ($errors->has('url') || $errors->has('token')) open @endif><summary>{{ $one->url === null ? 'Link it'
    : 'Change its link' }}</summary>
<x-form :action="$to('link.update')" method="put">
    <label class="field"><span>Where it answers</span><input name="url" maxlength="200" inputmode="url" autocomplete="off"
        value="{{ old('url', $one->url) }}" placeholder="http://192.0.2.20:8080" required></label>
    <label class="field"><span>Token that it expects</span><input name="token" type="password" maxlength="200" autocomplete="off"
        required></label>
    <button class="btn">Link it</button>
</x-form>
@if ($one->url !== null)
<x-form :action="$to('link.destroy')" method="delete">
    <button class="btn plain">Take the link off</button>
</x-form>
@endif
</details>
@endif
