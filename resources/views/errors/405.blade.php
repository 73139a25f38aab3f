<x-message name="405"/>
