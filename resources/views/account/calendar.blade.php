<x-layout :title="__('classes.calendar.title')">
<h1>{{ __('classes.calendar.title') }}</h1>
<p class="lead-line">{{ __('classes.calendar.once') }}</p>
<p class="slab"><code class="code">{{ $address }}</code></p>
<p><x-button :href="route('account')">{{ __('words.back') }}</x-button></p>
</x-layout>
