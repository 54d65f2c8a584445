@props(['id', 'href', 'title'])
<details id="{{ $id }}" hx-get="{{ $href }}" hx-trigger="toggle once" hx-target="#{{ $id }}-body" hx-select="unset" hx-swap="innerHTML"
    hx-push-url="false"><summary>{{ $title }}</summary><div id="{{ $id }}-body">
        <a class="btn plain" href="{{ $href }}">Open it on its own</a></div></details>
