@props(['action', 'family' => null, 'id' => 'code-entry', 'big' => null])
@php($isOwn = $family === Kavvel\Core\Codes\CodeFamily::OwnKey)
<x-form :action="$action" class="code-entry" data-code-entry>
    {{ $slot }}
    <label class="field" for="{{ $id }}">
        <span>{{ $isOwn ? 'Paste the key, or the reply that holds it' : 'The code, as it stands on the sticker' }}</span>
        @if ($isOwn)
        <textarea id="{{ $id }}" name="code" rows="2" maxlength="10000" autocomplete="off" spellcheck="false" required></textarea>
        @else
        <input id="{{ $id }}" class="measure" name="code" maxlength="512" autocomplete="off" autocapitalize="characters" spellcheck="false"
            required>
        @endif
    </label>
    @unless ($isOwn)
    <div class="pair">
        <label class="btn code-picture">From a picture
            <input type="file" accept="image/*" capture="environment" data-code-picture class="visually-hidden"></label>
        <button type="button" class="btn" data-code-camera hidden>With the camera</button>
    </div>
    <video id="{{ $id }}-camera" class="code-camera" data-code-video hx-preserve muted playsinline hidden></video>
    <p class="quiet" data-code-says role="status"></p>
    @endunless
    @if ($big !== null)
    <div class="thumb"><button class="big" id="big" data-move="{{ $big }}">Store the code</button></div>
    @else
    <button class="btn">Store the code</button>
    @endif
</x-form>
