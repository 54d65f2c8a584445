@props(['id', 'href', 'title'])
{{-- What asks gives way to what comes, so that the forms in it swap the page as every other form does. --}}
<details id="{{ $id }}" {{ $attributes }}><summary>{{ $title }}</summary>
    <div hx-get="{{ $href }}" hx-trigger="toggle from:closest details once" hx-target="this" hx-select="unset" hx-swap="outerHTML"
        hx-push-url="false"><a class="btn plain" href="{{ $href }}">Open it on its own</a></div></details>
