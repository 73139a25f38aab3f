<x-layout :title="__('tokens.made', ['name' => $name])">
<h1>{{ __('tokens.made', ['name' => $name]) }}</h1>
<p class="lead-line">{{ __('tokens.once') }}</p>
<pre class="slab mail-text">{{ $token }}</pre>
<p>{{ __('tokens.use') }} <code>Authorization: Bearer …</code></p>
<x-button kind="rust" :href="route('tokens.index')">{{ __('words.back') }}</x-button>
</x-layout>
