{!! '<?xml version="1.0" encoding="UTF-8"?>' !!}
<svg xmlns="http://www.w3.org/2000/svg" viewBox="{{ $drawing->viewBox() }}">
@include('plan.shapes', ['link' => null])
</svg>
