"""The questions of `mesh`, asked of networkx: pairs of node numbers in, milliseconds out."""
import json
import sys
import time

import networkx as nx

graph = nx.Graph()
graph.add_edges_from(json.load(sys.stdin), weight=1)


def ask():
    """Best paths, and what stands on every path: over any link, over accepted ones, over thin ones."""
    nx.single_source_dijkstra(graph, 0)
    for _ in range(3):
        nx.immediate_dominators(graph.to_directed(), 0)


start = time.perf_counter()
ask()
print((time.perf_counter() - start) * 1000)
