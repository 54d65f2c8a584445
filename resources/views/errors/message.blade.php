<div id="message">
    <p class="note danger"><strong>{{ $title }}.</strong> @foreach ($lines as $line){{ $line }} @endforeach</p>
    <button type="button" class="btn" data-close="notice">Close</button>
</div>
