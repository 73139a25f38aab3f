@props(['title' => null, 'text' => null])
<div class="first-thing">
@if ($title)<h2 class="mt-0">{{ $title }}</h2>@endif
@if ($text)<p>{{ $text }}</p>@endif
{{ $slot }}
</div>
