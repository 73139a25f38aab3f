@props(['pages'])
@if ($pages->hasPages())
<p class="no-print">
    @if ($pages->previousPageUrl())<x-button size="sm" :href="$pages->previousPageUrl()">{{ __('words.previous') }}</x-button>@endif
    {{ __('words.page', ['page' => $pages->currentPage(), 'pages' => $pages->lastPage()]) }}
    @if ($pages->nextPageUrl())<x-button size="sm" :href="$pages->nextPageUrl()">{{ __('words.next') }}</x-button>@endif
</p>
@endif
