<div id="message">
    <p class="note danger"><strong>{{ $title }}.</strong> @foreach ($lines as $line){{ $line }} @endforeach</p>
    @isset($meant)
    <button type="button" class="btn" data-meant="{{ $meant }}">Take <span class="measure">{{ $meant }}</span></button>
    @endisset
    <button type="button" class="btn" data-close="notice">Close</button>
</div>
