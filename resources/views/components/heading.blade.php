@props(['title'])
<div class="heading-row">
<h1>{{ $title }}</h1>
{{ $beside ?? '' }}
@if ($slot->isNotEmpty())<div class="actions no-print">{{ $slot }}</div>@endif
</div>
